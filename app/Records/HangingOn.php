<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Batch;
use App\Models\Correctable;
use App\Models\LeafTest;
use App\Models\PestCase;
use App\Models\Plant;
use App\Models\Round;
use App\Models\Sprayer;

/** What refers to a record, so that it cannot be taken back without leaving that in the air. */
final class HangingOn
{
    /** @throws Conflict when something does, with what and how many */
    public static function refuse(Correctable $record): void
    {
        [$counts, $instead] = match (true) {
            $record instanceof Plant => [[
                'case' => PestCase::query()->where('plant_id', $record->id)->count(),
                'leaf test' => LeafTest::query()->where('plant_id', $record->id)->count(),
                'batch' => Batch::query()->where('plant_id', $record->id)->count(),
            ], 'Put it away instead: then it is offered no more, and what was done stays.'],
            $record instanceof Sprayer => [['batch' => Batch::query()->where('sprayer_id', $record->id)->count()], 'Put it away instead: then it is offered no more.'],
            $record instanceof Batch => [[
                'round' => Round::query()->where('batch_id', $record->id)->count(),
                'leaf test' => LeafTest::query()->where('batch_id', $record->id)->count(),
            ], 'Take those back first, or open it again and put right what went in.'],
            default => [[], ''],
        };
        $hanging = array_filter($counts, static fn(int $count): bool => $count > 0);
        if ($hanging !== []) {
            $words = array_map(static fn(string $what, int $count): string => "{$count} {$what}" . ($count === 1 ? '' : ($what === 'batch' ? 'es' : 's')), array_keys($hanging), $hanging);
            throw new Conflict('This cannot be taken back: ' . implode(' and ', $words) . (array_sum($hanging) === 1 ? ' hangs' : ' hang') . " on it. {$instead}");
        }
    }
}
