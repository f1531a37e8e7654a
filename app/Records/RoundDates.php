<?php

declare(strict_types=1);

namespace App\Records;

use App\Declared\Values\Days;
use App\Models\PestCase;
use App\Models\Round;
use Carbon\CarbonImmutable;
use DateTimeImmutable;
use IdleMixer\Core\Schedule\WantedDays;

/** On which days the gardener wants the rounds of a case, by the clock of the place. */
final readonly class RoundDates
{
    public function __construct(private GardenBook $garden) {}

    public function of(PestCase $case): WantedDays
    {
        return Days::of($case->round_dates);
    }

    /**
     * The same case, were its rounds wanted on these days; nothing is kept.
     *
     * @param list<string> $days like 2026-05-03; none where they come as the school has it
     */
    public function asIf(PestCase $case, array $days): PestCase
    {
        $other = clone $case;
        $other->round_dates = $days === [] ? null : Days::kept(WantedDays::of($days));

        return $other;
    }

    /** The one that comes next, at the hour of the last round, or at that at which the case was opened; null where it comes as the school has it. */
    public function next(PestCase $case): ?DateTimeImmutable
    {
        $last = $case->round_dates === null ? null : $case->rounds->last();

        return match (true) {
            $case->round_dates === null => null,
            $last instanceof Round => $this->after($case, $last->sprayed_at),
            default => self::kept($this->of($case)->from($case->opened_at->setTimezone($this->garden->zone()))),
        };
    }

    /** The first after the day of a time; null where none is left. */
    public function after(PestCase $case, DateTimeImmutable $time): ?DateTimeImmutable
    {
        return $case->round_dates === null ? null : self::kept($this->of($case)->after($time->setTimezone($this->garden->zone())));
    }

    /** In UTC, as every time in the notebook is. */
    private static function kept(?DateTimeImmutable $time): ?CarbonImmutable
    {
        return $time === null ? null : CarbonImmutable::instance($time)->utc();
    }
}
