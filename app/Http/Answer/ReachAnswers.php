<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Records\Kitchenware;
use IdleMixer\Core\Bench\Bench;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Ingredient\IngredientCatalogue;
use IdleMixer\Core\Mix\Formulator;
use IdleMixer\Core\Phrase\LineFinding;
use IdleMixer\Core\Phrase\SpokenKind;
use IdleMixer\Core\Phrase\SpokenLine;
use IdleMixer\Core\Plan\CupboardReach;
use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\AmountReader;
use IdleMixer\Core\Wording\NeedWords;
use IdleMixer\Core\Wording\PhraseWords;
use IdleMixer\Core\Words\Say;

/** How much can be made of what is left, as it is typed: “40 ml neem”. */
final readonly class ReachAnswers
{
    public function __construct(private Kitchenware $kitchenware, private Formulator $formulator, private IngredientCatalogue $ingredients) {}

    /**
     * @param list<string> $left
     */
    public function of(Bench $bench, array $left): ReachAnswer
    {
        $reader = $this->kitchenware->reader();
        $words = PhraseWords::shipped();
        $have = [];
        $said = [];
        foreach ($left as $i => $text) {
            if (trim($text) === '') {
                continue;
            }
            $heard = $reader->read($text);
            if ($heard->lines === []) {
                $said[] = new UnclearAnswer($i, match (true) {
                    $heard->question !== null => $words->question($heard->question),
                    $heard->refusal !== null || $heard->leftOut !== null => $words->refusal($heard->refusal ?? $heard->leftOut),
                    default => $words->say(LineFinding::WaterNotCounted),
                }, AnswersToQuestion::of($heard));
                continue;
            }
            foreach ($heard->lines as $line) {
                $have[$line->slug()] = ($have[$line->slug()] ?? 0.0) + self::millilitres($line, $i);
            }
        }
        $whole = $this->formulator->scaledTo($bench->make, $bench->recipe, $bench->highEnd, $bench->factor, '/request/recipe');
        $reach = $have === [] ? null : CupboardReach::of($whole, $have);
        $finished = $reach?->finished;

        return new ReachAnswer(
            $finished,
            $finished === null ? null : min($finished, AmountReader::MAX_VESSEL_ML) / $bench->unit->factor(),
            $finished !== null && $finished < $bench->make->millilitres(),
            $reach === null ? '' : NeedWords::shipped()->reach($finished, $reach->limiting === null ? '' : $this->ingredients->get($reach->limiting)->name, $bench->make->millilitres(), $bench->unit),
            $said,
        );
    }

    private static function millilitres(SpokenLine $line, int $i): float
    {
        if ($line->kind !== SpokenKind::Amount || $line->unit === null) {
            throw InvalidDocument::because("/left/{$i}", Say::it('answers/reach-answers.say-how-much-left-as'), null);
        }

        return $line->millilitres(Amount::of($line->low * $line->unit->factor, $line->unit->unit));
    }
}
