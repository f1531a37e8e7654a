<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Input\SumsInput;
use App\Records\Kitchenware;
use App\Records\MeasureNames;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Measure\Measure;
use IdleMixer\Core\Measure\ScoopPlanner;
use IdleMixer\Core\Mix\Equivalents;
use IdleMixer\Core\Mix\Formulator;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Mix\Part;
use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Phrase\Composer;
use IdleMixer\Core\Phrase\SpokenBasis;
use IdleMixer\Core\Phrase\SpokenLine;
use IdleMixer\Core\Phrase\UnitMeaning;
use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Recipe\MixingOrder;
use IdleMixer\Core\Recipe\Recipe;
use IdleMixer\Core\Recipe\RecipeReader;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Safety\Judge;
use IdleMixer\Core\Safety\Target;
use IdleMixer\Core\Wording\EquivalentWords;
use IdleMixer\Core\Wording\Measures;
use IdleMixer\Core\Wording\PhraseWords;
use IdleMixer\Core\Writing\MixtureWriter;
use IdleMixer\Core\Writing\VerdictWriter;

/** A line in every other way of saying it. */
final readonly class SumsAnswer
{
    public function __construct(
        private Kitchenware $kitchenware,
        private RecipeReader $recipes,
        private Formulator $formulator,
        private Judge $judge,
        private VerdictWriter $verdicts,
    ) {}

    /**
     * @return array<string, mixed>
     *
     * @throws InvalidDocument when it does not fit into what is made
     */
    public function of(SumsInput $input): array
    {
        $heard = $this->kitchenware->reader()->read($input->line);
        $words = PhraseWords::shipped();
        if ($heard->lines === []) {
            return [
                'kind' => $heard->question === null ? 'refused' : 'asked',
                'text' => match (true) {
                    $heard->question !== null => $words->question($heard->question),
                    $heard->refusal !== null => $words->refusal($heard->refusal),
                    default => $words->say('only-water'),
                },
                'answers' => $heard->question->answers ?? [],
                'assumed' => [],
                'ways' => [],
                'verdicts' => [],
                'strength' => [],
            ];
        }
        $low = $this->mixed($heard->lines, $input, false);
        $high = $this->mixed($heard->lines, $input, true);

        return [
            'kind' => 'line',
            'text' => implode('; ', array_map($words->line(...), $heard->lines)),
            'answers' => [],
            'assumed' => array_merge(...array_map($words->assumed(...), $heard->lines)),
            'ways' => array_map(fn(Part $part, Part $top): array => $this->ways($low, $part, $high, $top), $low->parts, $high->parts),
            'verdicts' => array_map($this->verdicts->write(...), $this->judge->verdicts(Strengths::of($high), Target::of(RecipeUse::Foliar, null))),
            'strength' => MixtureWriter::range(Strengths::of($low), Strengths::of($high)),
        ];
    }

    /** @param list<SpokenLine> $lines */
    private function mixed(array $lines, SumsInput $input, bool $highEnd): Mixture
    {
        $basis = new SpokenBasis($input->make->value, new UnitMeaning(1.0, $input->make->unit, ''), $input->of);
        $document = [
            'format' => Recipe::FORMAT, 'version' => Recipe::VERSION, 'slug' => 'sum', 'name' => 'Sum',
            'use' => RecipeUse::Foliar->value, 'order' => MixingOrder::AllTogether->value,
            'basis' => [...$input->make->toArray(), 'of' => $input->of->value],
            'lines' => Composer::lines($lines, $basis),
        ];
        $mixture = $this->formulator->onBasis($this->recipes->read(JsonText::parse(json_encode($document, \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION))), $highEnd);
        if ($mixture->water <= 0.0) {
            throw InvalidDocument::because('/line', 'That leaves no room for water. Say less of it, or a larger volume.', null);
        }

        return $mixture;
    }

    /** @return array<string, mixed> */
    private function ways(Mixture $low, Part $part, Mixture $high, Part $top): array
    {
        $names = MeasureNames::ofHousehold();
        $measures = $names->kit() === [] ? Measure::kitchenSet() : array_map(static fn(Amount $fill): Measure => Measure::holding($fill), $names->kit());
        $scoops = (new ScoopPlanner($measures, $names->scale))->plan($part->millilitres, $part->ingredient->density->value);

        return [
            'name' => $part->ingredient->name,
            'scoops' => Measures::nearest($scoops),
            ...EquivalentWords::of(Equivalents::of($low, $part), Equivalents::of($high, $top)),
            'water' => Measures::metric($low->water),
        ];
    }
}
