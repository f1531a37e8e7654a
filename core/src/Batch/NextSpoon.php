<?php

declare(strict_types=1);

namespace IdleMixer\Core\Batch;

use IdleMixer\Core\Work\Steps;

/** Which spoonful goes in next while a load is mixed, in the order of its steps. */
final readonly class NextSpoon
{
    /**
     * @param string $name   of what goes in
     * @param int    $number from 1, of all measures of it
     * @param int    $of     how many go in
     */
    private function __construct(public string $name, public int $number, public int $of) {}

    /**
     * Null where all of them are in.
     *
     * @param int $load from 1
     */
    public static function of(BatchRecord $batch, History $history, int $load): ?self
    {
        $planned = $batch->load($load);
        foreach (Steps::of($planned, $batch->order, $batch->target->use) as $step) {
            $item = $step->item === null ? null : $planned->items[$step->item] ?? null;
            $in = $item === null ? 0 : count(array_filter($history->ticks, static fn(Tick $tick): bool => $tick->load === $load && $tick->item === $item->key));
            if ($item !== null && $in < $item->measured->taps()) {
                return new self($item->name(), $in + 1, $item->measured->taps());
            }
        }

        return null;
    }
}
