<?php

declare(strict_types=1);

namespace App\Records;

use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Schedule\FreeDays;
use IdleMixer\Core\Schedule\FreeFrom;

/** The days on which this household has time for a round. */
final readonly class OwnDays
{
    public function __construct(private Kitchenware $kitchenware) {}

    /** Null where every day is had. */
    public function of(): ?FreeDays
    {
        $kept = $this->kitchenware->row()?->free_days;

        return $kept === null ? null : FreeDays::read(JsonText::kept($kept));
    }

    /** The same, counted from the first day of a course. */
    public function from(PlaceDays $days): ?FreeFrom
    {
        $free = $this->of();

        return $free === null ? null : new FreeFrom($free, $days->on(0));
    }

    public function version(): int
    {
        return $this->kitchenware->version();
    }

    /**
     * @param int $basedOn the version of the household that was on the screen
     *
     * @throws TwoVersions when it was changed since
     */
    public function keep(int $basedOn, FreeDays $free): void
    {
        $row = $this->kitchenware->household();
        Edits::fill($row, $basedOn, ['free_days' => $free->areAll() ? null : json_encode($free->told(), \JSON_THROW_ON_ERROR)]);
        $row->save();
    }
}
