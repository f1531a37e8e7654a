<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Batch;
use App\Models\Correctable;
use App\Models\CourseLook;
use App\Models\LeafTest;
use App\Models\PestCase;
use App\Models\Plant;
use App\Models\Round;
use App\Models\Sprayer;
use IdleMixer\Core\Words\Say;

/** What refers to a record, so that it cannot be taken back without leaving that in the air. */
final class HangingOn
{
    /** @throws Conflict when something does, with what and how many */
    public static function refuse(Correctable $record): void
    {
        [$counts, $instead] = match (true) {
            $record instanceof Plant => [[
                'cases' => PestCase::any(PestCase::query())->where('plant_id', $record->id)->count(),
                'leaf-tests' => LeafTest::query()->where('plant_id', $record->id)->count(),
                'batches' => Batch::query()->where('plant_id', $record->id)->count(),
            ], Say::it('records/hanging-on.put-away-instead-then-offered')],
            $record instanceof Sprayer => [['batches' => Batch::query()->where('sprayer_id', $record->id)->count()], Say::it('records/hanging-on.put-away-instead-then-offered.put-away-instead-then-offered')],
            $record instanceof Batch => [[
                'rounds' => Round::query()->where('batch_id', $record->id)->count(),
                'leaf-tests' => LeafTest::query()->where('batch_id', $record->id)->count(),
            ], Say::it('records/hanging-on.take-those-back-first-or')],
            $record instanceof CourseLook => [['cases' => $record->found], Say::it('records/hanging-on.close-the-case')],
            default => [[], ''],
        };
        $hanging = array_filter($counts, static fn(int $count): bool => $count > 0);
        if ($hanging !== []) {
            $words = array_map(self::counted(...), array_keys($hanging), $hanging);
            throw new Conflict(Say::it('records/hanging-on.this-cannot-be-taken-back', ['words' => implode(' and ', $words), 'value' => array_sum($hanging) === 1 ? ' hangs' : ' hang', 'instead' => $instead]));
        }
    }

    private static function counted(string $what, int $count): string
    {
        $one = $count === 1;

        return match ($what) {
            'cases' => $one ? Say::it('records/hanging-on.case') : Say::it('records/hanging-on.cases', ['count' => $count]),
            'leaf-tests' => $one ? Say::it('records/hanging-on.leaf-test') : Say::it('records/hanging-on.leaf-tests', ['count' => $count]),
            'batches' => $one ? Say::it('records/hanging-on.batch') : Say::it('records/hanging-on.batches', ['count' => $count]),
            default => $one ? Say::it('records/hanging-on.round') : Say::it('records/hanging-on.rounds', ['count' => $count]),
        };
    }
}
