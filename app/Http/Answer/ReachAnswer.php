<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Records\Kitchenware;
use IdleMixer\Core\Bench\PlanRequest;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Ingredient\IngredientCatalogue;
use IdleMixer\Core\Mix\Formulator;
use IdleMixer\Core\Phrase\SpokenKind;
use IdleMixer\Core\Phrase\SpokenLine;
use IdleMixer\Core\Plan\CupboardReach;
use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\AmountReader;
use IdleMixer\Core\Wording\NeedWords;
use IdleMixer\Core\Wording\PhraseWords;

/** How much can be made of what is left, as it is typed: “40 ml neem”. */
final readonly class ReachAnswer
{
    public function __construct(private Kitchenware $kitchenware, private Formulator $formulator, private IngredientCatalogue $ingredients) {}

    /**
     * @param list<string> $left
     *
     * @return array<string, mixed>
     */
    public function of(PlanRequest $request, array $left): array
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
            if ($heard->question !== null || $heard->refusal !== null || $heard->basis !== null) {
                $said[] = ['line' => $i, 'text' => match (true) {
                    $heard->question !== null => $words->question($heard->question),
                    $heard->refusal !== null => $words->refusal($heard->refusal),
                    default => $words->say('water-not-counted'),
                }, 'answers' => $heard->question->answers ?? []];

                continue;
            }
            foreach ($heard->lines as $line) {
                $have[$line->ingredient->slug] = ($have[$line->ingredient->slug] ?? 0.0) + self::millilitres($line, $i);
            }
        }
        $whole = $this->formulator->scaledTo($request->make, $request->recipe, $request->highEnd, $request->factor, '/request/recipe');
        $reach = $have === [] ? null : CupboardReach::of($whole, $have);
        $finished = $reach?->finished;

        return [
            'mL' => $finished,
            'amount' => $finished === null ? null : min($finished, AmountReader::MAX_VESSEL_ML) / $request->unit->factor(),
            'bites' => $finished !== null && $finished < $request->make->millilitres(),
            'because' => $reach === null ? '' : NeedWords::shipped()->reach($finished, $reach->limiting === null ? '' : $this->ingredients->get($reach->limiting)->name, $request->make->millilitres(), $request->unit),
            'unclear' => $said,
        ];
    }

    private static function millilitres(SpokenLine $line, int $i): float
    {
        if ($line->kind !== SpokenKind::Amount || $line->unit === null) {
            throw InvalidDocument::because("/left/{$i}", 'Say how much is left as an amount, like “40 ml neem”.', null);
        }

        return $line->ingredient->millilitres(Amount::of($line->low * $line->unit->factor, $line->unit->unit));
    }
}
