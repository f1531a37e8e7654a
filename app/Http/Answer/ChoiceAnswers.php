<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Records\AtHand;
use App\Records\Gates;
use IdleMixer\Core\Choice\Chooser;
use IdleMixer\Core\Choice\Option;
use IdleMixer\Core\Choice\Reason;
use IdleMixer\Core\Choice\Situation;
use IdleMixer\Core\Gate\SprayNow;
use IdleMixer\Core\Mix\Formulator;
use IdleMixer\Core\Wording\Choices;
use IdleMixer\Core\Wording\ChoiceWords;
use IdleMixer\Core\Wording\Durations;
use IdleMixer\Core\Wording\MethodWords;
use IdleMixer\Core\Words\Say;
use IdleMixer\Core\Writing\MixtureWriter;
use LogicException;

/** The sprays that fit a case, best first, and why the others do not. */
final readonly class ChoiceAnswers
{
    public function __construct(private Chooser $chooser, private ChoiceWords $words, private AtHand $atHand, private Gates $gates, private GateAnswers $gate) {}

    public function of(Situation $situation): ChoiceAnswer
    {
        $choice = $this->chooser->choose($situation);
        $rotation = $choice->rotation();

        return new ChoiceAnswer(
            $this->words->severity($situation->severity, $situation->trouble->kind),
            $situation->trouble->matters,
            $choice->proposed === [] ? $this->words->noSpray($choice, $situation) : null,
            $situation->severity->isWorthASpray(),
            array_map(fn(Option $option): ProposedAnswer => $this->option($option, $rotation, $situation), $choice->proposed),
            array_map(fn(Option $option): ExcludedAnswer => new ExcludedAnswer(
                $option->recipe->slug,
                $option->recipe->name,
                array_map(fn(Reason $reason): string => $this->words->exclusion($reason, $option, $situation), $option->excluded),
            ), $choice->excluded),
        );
    }

    /** @param list<string> $rotation */
    private function option(Option $option, array $rotation, Situation $situation): ProposedAnswer
    {
        [$for, $against] = $option->telling();
        $said = fn(Reason $reason): string => $this->words->reason($reason, $option);
        $dose = $option->dose ?? throw new LogicException(Say::it('answers/choice-answers.proposed-without-dose', ['slug' => $option->recipe->slug]));

        return new ProposedAnswer(
            $option->recipe->slug,
            $option->recipe->name,
            Choices::use($option->recipe->use),
            $dose->highEnd,
            $dose->factor < 1.0,
            MixtureWriter::spoken($dose->strengths),
            array_map($said, $for),
            array_map($said, $against),
            array_map($said, array_slice($option->for, count($for))),
            array_map($said, array_slice($option->against, count($against))),
            Durations::words($option->fairLookHours),
            MethodWords::rhythm($option->practice->method),
            count($rotation) === 2 && in_array($option->recipe->slug, $rotation, true),
            $this->atHand->spoons($option->recipe, $dose),
            $this->gate->of($this->gates->of($situation->whom, SprayNow::of((new Formulator())->onBasis($option->recipe, $dose->highEnd, $dose->factor), $option->recipe->use, $option->practice, $dose->factor))),
            $option->stocked?->isOtherwise() === true,
        );
    }
}
