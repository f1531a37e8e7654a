<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Models\Batch;
use App\Models\Plant;
use App\Records\BatchBook;
use App\Records\Bottles;
use App\Records\Gates;
use DateTimeImmutable;
use IdleMixer\Core\Batch\BatchRecord;
use IdleMixer\Core\Batch\Bottle;
use IdleMixer\Core\Batch\BottleAct;
use IdleMixer\Core\Batch\BottleFor;
use IdleMixer\Core\Batch\BottleState;
use IdleMixer\Core\Batch\BottleWords;
use IdleMixer\Core\Batch\NextSpoon;
use IdleMixer\Core\Gate\Answer;
use IdleMixer\Core\Recipe\RecipeUse;

/** Tells where what is mixed stands and what comes next with it: the one place, for every screen. */
final readonly class BottleAnswers
{
    public function __construct(private BatchBook $book, private Gates $gates, private BottleWords $words) {}

    /** @param Answer|null $gate what the gate says of the plant it was mixed for, where that was asked already */
    public function of(Batch $batch, DateTimeImmutable $now, ?BatchRecord $record = null, ?Answer $gate = null): BottleAnswer
    {
        $record ??= $this->book->record($batch);
        $bottle = Bottles::of($batch, $record);
        $state = $bottle->state($now);
        $plant = $batch->case->plant ?? $batch->plant;
        $for = BottleFor::of($batch->for_leaf_test, $record->target->use === RecipeUse::Stock);
        $asked = $state === BottleState::Standing && $for === BottleFor::Spray && $plant instanceof Plant ? $gate ?? $this->gates->ofBatch($plant, $batch, $now) : null;
        $act = $for->act($bottle, $asked, $now);

        return new BottleAnswer(
            $state->value,
            $this->words->state($bottle, $now),
            $bottle->end($now)?->value,
            $act->value,
            $this->words->act($act, $bottle, $plant->name ?? '', $act === BottleAct::GoOn ? $this->spoon($batch, $record, $bottle) : null),
            match ($act) {
                BottleAct::GoOnSpraying => Bottles::walk($batch)?->id,
                BottleAct::LookAtLeaves, BottleAct::Wait => $asked?->test(),
                default => null,
            },
            $bottle->loads,
            $bottle->mixed,
            $batch->course_id,
        );
    }

    private function spoon(Batch $batch, BatchRecord $record, Bottle $bottle): ?NextSpoon
    {
        $batch->loadMissing('items.scoops.ticks');

        return NextSpoon::of($record, $this->book->history($batch, $record), $bottle->nextLoad() ?? $bottle->loads);
    }
}
