<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Input\WayOutInput;
use IdleMixer\Core\Measure\ScoopPlanner;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Safety\Ceilings;
use IdleMixer\Core\Safety\Judge;
use IdleMixer\Core\Safety\Target;
use IdleMixer\Core\WayOut\Bounds;
use IdleMixer\Core\WayOut\Remedy;
use IdleMixer\Core\WayOut\WayOut;
use IdleMixer\Core\Wording\Measures;
use IdleMixer\Core\Wording\WayOutWords;
use IdleMixer\Core\Writing\MixtureWriter;
use IdleMixer\Core\Writing\VerdictWriter;

/** What may stand in the sprayer, how that is judged at both ends, and the ways out. */
final readonly class WayOutAnswer
{
    public function __construct(private Ceilings $ceilings, private Judge $judge, private VerdictWriter $verdicts) {}

    /** @return array<string, mixed> */
    public function of(WayOutInput $input): array
    {
        $target = Target::of($input->request->recipe->use, $input->request->plant);
        $ends = $this->bounds($input)->sorted($input->slips->ends($input->load));
        $words = WayOutWords::shipped();

        return [
            'planned' => MixtureWriter::spoken(Strengths::of($input->load->mixture)),
            'sure' => count($ends) === 1,
            'weakest' => $this->end($ends[0], $target, $input),
            'strongest' => $this->end($ends[count($ends) - 1], $target, $input),
            'remedies' => array_map(static fn(Remedy $remedy): array => [
                'kind' => $remedy->kind->value,
                ...$words->remedy($remedy, $input->load, $input->request->unit),
                'finishedMl' => $remedy->finished,
            ], $this->remedies($input)),
        ];
    }

    /** @return list<Remedy> */
    public function remedies(WayOutInput $input): array
    {
        $drench = $this->ceilings->of(Target::of(RecipeUse::Drench, null));

        return (new WayOut($this->bounds($input), $drench, new ScoopPlanner($input->request->measures)))->remedies($input->load, $input->slips);
    }

    public function bounds(WayOutInput $input): Bounds
    {
        return new Bounds($this->ceilings->of(Target::of($input->request->recipe->use, $input->request->plant)), $input->capacity);
    }

    /** @return array<string, mixed> */
    private function end(Mixture $mixture, Target $target, WayOutInput $input): array
    {
        $strengths = Strengths::of($mixture);

        return [
            'volume' => Measures::volume($mixture->finished(), $input->request->unit),
            'strength' => MixtureWriter::spoken($strengths),
            'verdicts' => array_map($this->verdicts->write(...), $this->judge->verdicts($strengths, $target)),
        ];
    }
}
