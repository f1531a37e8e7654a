<?php

declare(strict_types=1);

namespace IdleMixer\Core\Batch;

use IdleMixer\Core\Mix\Component;
use IdleMixer\Core\Mix\Composition;
use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Writing\MixtureWriter;

/** Writes down what really is in a batch: at the strongest that it may be. */
final class MadeWriter
{
    public static function record(Made $made): AsMadeRecord
    {
        [$low, $high] = [Strengths::of($made->weakest), $made->strengths()];

        return new AsMadeRecord(
            $made->strongest->finished(),
            $made->strongest->water,
            MixtureWriter::lines($made->strongest),
            MixtureWriter::strength($high),
            MixtureWriter::range($low, $high),
            MixtureWriter::spoken($low) === MixtureWriter::spoken($high),
            $made->ticked,
            $made->planned,
            $made->composition(),
        );
    }

    /** @return array<string, mixed> */
    public static function write(AsMadeRecord $record): array
    {
        return [
            'finished_mL' => $record->finished,
            'water_mL' => $record->water,
            'lines' => $record->lines,
            'strength' => $record->strength,
            'spoken' => $record->spoken,
            'sure' => $record->sure,
            'ticked' => $record->ticked,
            'planned' => $record->planned,
            'composition' => self::composition($record->composition),
        ];
    }

    /** @return list<array{ingredient: string, name: string, substance: string, low: float, high: float}> */
    public static function composition(Composition $composition): array
    {
        return array_map(static fn(Component $one): array => [
            'ingredient' => $one->slug,
            'name' => $one->name,
            'substance' => $one->substance->value,
            'low' => $one->low,
            'high' => $one->high,
        ], array_values($composition->components));
    }
}
