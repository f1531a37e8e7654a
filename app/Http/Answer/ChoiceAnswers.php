<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Records\AtHand;
use App\Records\Gates;
use App\Records\WaitBook;
use IdleMixer\Core\Choice\Advice;
use IdleMixer\Core\Choice\Adviser;
use IdleMixer\Core\Choice\Help;
use IdleMixer\Core\Choice\Option;
use IdleMixer\Core\Choice\Reason;
use IdleMixer\Core\Choice\Situation;
use IdleMixer\Core\Gate\SprayNow;
use IdleMixer\Core\Method\Pressure;
use IdleMixer\Core\Mix\Formulator;
use IdleMixer\Core\Source\SourceCatalogue;
use IdleMixer\Core\Trouble\Enemies;
use IdleMixer\Core\Wording\Choices;
use IdleMixer\Core\Wording\ChoiceWords;
use IdleMixer\Core\Wording\Durations;
use IdleMixer\Core\Wording\MethodWords;
use IdleMixer\Core\Wording\WaitedWords;
use IdleMixer\Core\Words\Say;
use IdleMixer\Core\Writing\MixtureWriter;
use LogicException;

/** The sprays that fit a case, best first, and why the others do not. */
final readonly class ChoiceAnswers
{
    public function __construct(private Adviser $adviser, private ChoiceWords $words, private AtHand $atHand, private Gates $gates, private GateAnswers $gate, private SourceCatalogue $sources, private Enemies $enemies) {}

    public function of(Situation $situation): ChoiceAnswer
    {
        $advice = $this->adviser->advise($situation);
        $missing = $advice->missing;

        return new ChoiceAnswer(
            $this->whether($advice, $situation),
            $situation->trouble->matters,
            $advice->sprays === [] ? $this->words->noSpray($advice, $situation) : null,
            array_map(static fn(Help $help): HelpAnswer => new HelpAnswer($help->slug, $help->words), $advice->beside),
            array_map(fn(Option $option): ProposedAnswer => $this->option($option, $advice, $situation), $advice->sprays),
            $missing === null || $advice->sprays === [] ? null : new MissingSprayAnswer($missing->recipe->slug, $this->words->missing($missing)),
            array_map(fn(Option $option): OtherAnswer => new OtherAnswer(
                $option->recipe->slug,
                $option->recipe->name,
                $option->dose->highEnd ?? false,
                ($option->dose->factor ?? 1.0) < 1.0,
                $option->stocked?->isOtherwise() === true,
                $this->words->passedOver($option, $advice),
            ), $advice->others),
            array_map(fn(Option $option): ExcludedAnswer => new ExcludedAnswer(
                $option->recipe->slug,
                $option->recipe->name,
                array_map(fn(Reason $reason): string => $this->words->exclusion($reason, $option, $situation), $option->excluded),
                $this->words->rests($option),
            ), $advice->excluded),
            array_map(fn(string $slug): EnemyAnswer => EnemyAnswer::of($this->enemies->get($slug), $situation->trouble->slug), $this->enemies->slugs()),
        );
    }

    private function whether(Advice $advice, Situation $situation): WhetherAnswer
    {
        $source = $this->sources->get($advice->whether->source);

        $waited = WaitBook::results()[$situation->trouble->slug] ?? null;

        return new WhetherAnswer($advice->whether->answer->value, $advice->whether->why->value, $this->words->whether($advice, $situation), $waited === null ? '' : WaitedWords::of($waited), $advice->whether->lookInDays, $source->standing->value, $source->words());
    }

    private function option(Option $option, Advice $advice, Situation $situation): ProposedAnswer
    {
        [$for, $against] = $option->telling();
        $said = fn(Reason $reason): string => $this->words->reason($reason, $option);
        $dose = $option->dose ?? throw new LogicException(Say::it('answers/choice-answers.proposed-without-dose', ['slug' => $option->recipe->slug]));
        $gate = $this->gates->of($situation->whom, SprayNow::of((new Formulator())->onBasis($option->recipe, $dose->highEnd, $dose->factor), $option->recipe->use, $option->practice, $dose->factor));

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
            [...array_map($said, array_slice($option->against, count($against))), ...ChoiceWords::hurt($option, $advice)],
            Durations::words($option->fairLookHours),
            MethodWords::rhythm($option->practice->method),
            MethodWords::costs($option->practice->method, Pressure::from($situation->severity->value), $gate->proven() === 'yes'),
            in_array($option->recipe->slug, $advice->rotation(), true),
            $this->atHand->spoons($option->recipe, $dose),
            $this->gate->of($gate),
            $option->stocked?->isOtherwise() === true,
            $this->words->rests($option),
        );
    }
}
