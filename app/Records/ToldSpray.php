<?php

declare(strict_types=1);

namespace App\Records;

use IdleMixer\Core\Evidence\Association;
use IdleMixer\Core\Evidence\RoundEffect;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Wording\AssociationWords;
use IdleMixer\Core\Wording\CompositionWords;
use IdleMixer\Core\Wording\FamilyWords;
use IdleMixer\Core\Wording\RecordWords;

/** What one spray did to one pest, as it is told: kept in this form until a round of that pest is weighed anew. */
final readonly class ToldSpray
{
    /**
     * @param array{slug: string, name: string} $recipe
     * @param list<string>                      $strength
     * @param list<string>                      $outcomes
     * @param list<string>                      $because
     * @param list<string>                      $wentWith
     */
    private function __construct(
        public string $pest,
        public string $pestName,
        public array $recipe,
        public string $family,
        public array $strength,
        public int $rounds,
        public int $judged,
        public int $worked,
        public int $compared,
        public int $withHandWork,
        public int $cases,
        public int $closed,
        public int $leafTests,
        public int $marked,
        public int $burntAfter,
        public ?float $medianReductionPercent,
        /** Between what share of its rounds would work, in percent. */
        public ?float $lowPercent,
        public ?float $highPercent,
        /** By how much it brings the pest down, over its cases, and between what. */
        public ?float $effectPercent,
        public ?float $effectLow,
        public ?float $effectHigh,
        /** The same in words; empty where nothing is judged. */
        public string $effect,
        public float $shrunkPercent,
        /** none, hardly, fairly or sure. */
        public string $sure,
        public ?float $roundsNeeded,
        public ?float $litresPerCase,
        public ?float $minutesPerCase,
        public array $outcomes,
        /** keep, tune, drop or not-enough. */
        public string $verdict,
        public string $verdictWords,
        public string $reason,
        public array $because,
        public array $wentWith,
        /** The batch that was sprayed last, and on what. */
        public int $lastBatch,
        public string $lastPlant,
    ) {}

    public static function of(SprayRecord $row, TroubleCatalogue $troubles): self
    {
        $record = $row->record;
        $interval = $record->interval();
        $estimate = $record->estimate();

        return new self(
            $row->pest,
            $troubles->trouble($row->pest)->name,
            ['slug' => $row->slug, 'name' => $row->name],
            FamilyWords::of($row->family),
            CompositionWords::of($row->spray),
            $record->rounds(),
            count($record->judged()),
            $record->worked(),
            $record->compared(),
            $record->withHandWork(),
            count(array_unique(array_map(static fn(RoundEffect $effect): string => $effect->case, $record->effects))),
            $row->closed,
            $record->leafTests,
            $record->burned,
            $record->burntAfter(),
            $record->medianReduction(),
            $interval === null ? null : 100.0 * $interval->low,
            $interval === null ? null : 100.0 * $interval->high,
            $estimate?->percent,
            $estimate?->low,
            $estimate?->high,
            RecordWords::range($record),
            $record->shrunk(),
            $record->sureness()->value,
            $record->roundsNeeded(),
            $row->litres,
            $row->minutes,
            array_map(static fn(RoundEffect $effect): string => $effect->outcome->value, $record->effects),
            $record->verdict()->value,
            RecordWords::verdict($record->verdict()),
            RecordWords::reason($record),
            RecordWords::of($record),
            array_map(static fn(Association $one): string => AssociationWords::of($one), array_values(array_filter($row->associations, static fn(Association $one): bool => $one->stands()))),
            $row->lastBatch,
            $row->lastPlant,
        );
    }
}
