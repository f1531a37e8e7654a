<?php

declare(strict_types=1);

namespace App\Http\Answer;

use IdleMixer\Core\Gate\Gate;
use IdleMixer\Core\Gate\Question;
use IdleMixer\Core\Gate\SprayNow;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Safety\Limits;
use IdleMixer\Core\Source\SourceCatalogue;
use IdleMixer\Core\WayOut\LoadAtHand;
use IdleMixer\Core\WayOut\Remedy;
use IdleMixer\Core\WayOut\Slips;
use IdleMixer\Core\WayOut\StandIns;
use IdleMixer\Core\WayOut\WayOut;
use IdleMixer\Core\Wording\Measures;
use IdleMixer\Core\Wording\Sentences;
use IdleMixer\Core\Wording\WayOutWords;
use IdleMixer\Core\Writing\MixtureWriter;
use IdleMixer\Core\Writing\VerdictWriter;

/** Tells what may stand in the sprayer, how that is judged at both ends, and the ways out. */
final readonly class WayOutAnswers
{
    public function __construct(private WayOutWords $words, private Limits $limits, private SourceCatalogue $sources, private StandIns $standIns, private ToleranceCatalogue $kinds) {}

    /** By the limits of today, for what is only being tried. */
    public function now(LoadAtHand $at, Slips $slips): WayOutAnswer
    {
        return $this->of($at, $slips, $this->limits, $this->sources);
    }

    /**
     * @param Limits          $limits  those that were asked when it was planned
     * @param SourceCatalogue $sources where they come from
     * @param bool            $halfWater whether half of the water is taken to be in, by the ticks
     */
    public function of(LoadAtHand $at, Slips $slips, Limits $limits, SourceCatalogue $sources, bool $halfWater = false): WayOutAnswer
    {
        $way = WayOut::of($at, $limits, $this->kinds->emptyBed());
        $ends = WayOut::boundsOf($at, $limits)->sorted($slips->ends($at->load));
        $verdicts = new VerdictWriter(Sentences::of($sources), $sources);

        return new WayOutAnswer(
            MixtureWriter::spoken(Strengths::of($at->load->mixture)),
            count($ends) === 1,
            self::end($ends[0], $at, Gate::of($limits, $this->kinds), $verdicts),
            self::end($ends[count($ends) - 1], $at, Gate::of($limits, $this->kinds), $verdicts),
            array_map(fn(Remedy $remedy): RemedyAnswer => $this->remedy($remedy, $at), $way->remedies($at->load, $slips)),
            $halfWater ? $this->words->say('half-water') : '',
            array_map($this->words->standIn(...), $this->standIns->of($at, $slips, $limits)),
        );
    }

    private function remedy(Remedy $remedy, LoadAtHand $at): RemedyAnswer
    {
        $words = $this->words->remedy($remedy, $at->load, $at->unit);

        return new RemedyAnswer($remedy->kind->value, $words['title'], $words['text'], $remedy->finished);
    }

    private static function end(Mixture $mixture, LoadAtHand $at, Gate $gate, VerdictWriter $verdicts): WayOutEndAnswer
    {
        $strengths = Strengths::of($mixture);

        return new WayOutEndAnswer(
            Measures::volume($mixture->finished(), $at->unit),
            MixtureWriter::spoken($strengths),
            array_map($verdicts->write(...), $gate->verdicts(Question::onto(new SprayNow($at->target->use, $strengths), $at->target, $at->circumstances))),
        );
    }
}
