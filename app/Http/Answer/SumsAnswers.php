<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Input\SumsInput;
use App\Records\HouseholdKit;
use App\Records\Kitchenware;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Gate\Gate;
use IdleMixer\Core\Gate\Question;
use IdleMixer\Core\Gate\SprayNow;
use IdleMixer\Core\Measure\Kit;
use IdleMixer\Core\Mix\Equivalents;
use IdleMixer\Core\Mix\Formulator;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Mix\Part;
use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Phrase\Composer;
use IdleMixer\Core\Phrase\LineFinding;
use IdleMixer\Core\Phrase\OnePart;
use IdleMixer\Core\Phrase\OneWater;
use IdleMixer\Core\Phrase\SpokenBasis;
use IdleMixer\Core\Phrase\SpokenLine;
use IdleMixer\Core\Phrase\UnitMeaning;
use IdleMixer\Core\Recipe\MixingOrder;
use IdleMixer\Core\Recipe\Recipe;
use IdleMixer\Core\Recipe\RecipeReader;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Safety\Circumstances;
use IdleMixer\Core\Safety\Target;
use IdleMixer\Core\Wording\EquivalentWords;
use IdleMixer\Core\Wording\Measures;
use IdleMixer\Core\Wording\PhraseWords;
use IdleMixer\Core\Words\Say;
use IdleMixer\Core\Writing\MixtureWriter;
use IdleMixer\Core\Writing\VerdictWriter;

/** A line in every other way of saying it. */
final readonly class SumsAnswers
{
    public function __construct(
        private Kitchenware $kitchenware,
        private RecipeReader $recipes,
        private Formulator $formulator,
        private Gate $gate,
        private VerdictWriter $verdicts,
    ) {}

    /** @throws InvalidDocument when it does not fit into what is made */
    public function of(SumsInput $input): SumsAnswer
    {
        $heard = $this->kitchenware->reader()->read($input->line);
        $words = PhraseWords::shipped();
        if ($heard->lines === []) {
            return new SumsAnswer($heard->question === null ? 'refused' : 'asked', match (true) {
                $heard->question !== null => $words->question($heard->question),
                $heard->refusal !== null || $heard->leftOut !== null => $words->refusal($heard->refusal ?? $heard->leftOut),
                default => $words->say(LineFinding::OnlyWater),
            }, AnswersToQuestion::of($heard), [], [], [], []);
        }
        $low = $this->mixed($heard->lines, $input, false);
        $high = $this->mixed($heard->lines, $input, true);

        return new SumsAnswer(
            'line',
            implode('; ', array_map($words->line(...), $heard->lines)),
            [],
            array_merge(...array_map($words->assumed(...), $heard->lines)),
            array_map(fn(Part $part, Part $top): WayAnswer => $this->ways($low, $part, $high, $top), $low->parts, $high->parts),
            array_map($this->verdicts->write(...), $this->gate->verdicts(Question::onto(new SprayNow(RecipeUse::Foliar, Strengths::of($high)), Target::of(RecipeUse::Foliar, null), new Circumstances()))),
            MixtureWriter::range(Strengths::of($low), Strengths::of($high)),
        );
    }

    /** @param list<SpokenLine> $lines */
    private function mixed(array $lines, SumsInput $input, bool $highEnd): Mixture
    {
        $basis = SpokenBasis::volume($input->make->value, new UnitMeaning(1.0, $input->make->unit, ''), $input->of);
        $document = [
            'format' => Recipe::FORMAT, 'version' => Recipe::VERSION, 'slug' => 'sum', 'name' => 'Sum',
            'use' => RecipeUse::Foliar->value, 'order' => MixingOrder::AllTogether->value,
            'basis' => [...$input->make->toArray(), 'of' => $input->of->value],
            'lines' => Composer::lines(OneWater::of($lines, [$basis], RecipeUse::Foliar, new OnePart($this->kitchenware->kitchen()))->lines, $basis),
        ];
        $mixture = $this->formulator->onBasis($this->recipes->read(JsonText::parse(json_encode($document, \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION))), $highEnd);
        if ($mixture->water <= 0.0) {
            throw InvalidDocument::because('/line', Say::it('answers/sums-answers.that-leaves-no-room-for'), null);
        }

        return $mixture;
    }

    private function ways(Mixture $low, Part $part, Mixture $high, Part $top): WayAnswer
    {
        $scoops = (HouseholdKit::kit() ?? Kit::kitchen())->planner()->plan($part->millilitres, $part->ingredient->density->value, ! $part->ingredient->substance->isLiquid());
        $said = EquivalentWords::of(Equivalents::of($low, $part), Equivalents::of($high, $top));

        return new WayAnswer(
            $part->ingredient->name,
            Measures::nearest($scoops),
            $said['amount'],
            $said['percent'],
            $said['pure'],
            $said['parts'],
            $said['perLitre'],
            $said['perGallon'],
            Measures::metric($low->water),
        );
    }
}
