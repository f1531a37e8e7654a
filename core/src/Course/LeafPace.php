<?php

declare(strict_types=1);

namespace IdleMixer\Core\Course;

use IdleMixer\Core\Data\ScheduleLines;
use IdleMixer\Core\Safety\Limits;
use IdleMixer\Core\Schedule\InTurn;
use IdleMixer\Core\Schedule\LeafLoad;

/** How soon a leaf bears the same spray again. */
final readonly class LeafPace
{
    public function __construct(private Limits $limits) {}

    public static function shipped(): self
    {
        return new self(Limits::shipped());
    }

    /** @return list<LeafLoad> what a leaf may get in any week */
    public function loads(): array
    {
        return [new LeafLoad('oil', $this->limits->value('oil-a-week-stop')), new LeafLoad('essential', $this->limits->value('essential-a-week-stop'))];
    }

    /** Days, at least 1. */
    public function days(InTurn $spray): int
    {
        if ($spray->pace === null) {
            return ScheduleLines::ONCE_A_YEAR['value'];
        }

        return max($spray->oilAgain() ?? 1, ...array_map(static fn(LeafLoad $load): int => $load->pace($spray), $this->loads()));
    }
}
