<?php

declare(strict_types=1);

namespace App\Records;

use IdleMixer\Core\Choice\OwnResult;

/** What this household found of each spray against a pest. */
final readonly class OwnResults
{
    public function __construct(private SprayRecords $records) {}

    /** @return array<string, OwnResult> by slug of the recipe, all its strengths together */
    public function against(string $pest): array
    {
        $sums = [];
        foreach ($this->records->against($pest) as $record) {
            [$judged, $worked] = $sums[$record->slug] ?? [0, 0];
            $sums[$record->slug] = [$judged + count($record->record->judged()), $worked + $record->record->worked()];
        }

        return array_map(static fn(array $sum): OwnResult => new OwnResult(...$sum), array_filter($sums, static fn(array $sum): bool => $sum[0] > 0));
    }
}
