<?php

declare(strict_types=1);

namespace IdleMixer\Core\Schedule;

use DateTimeImmutable;
use IdleMixer\Core\Data\ScheduleLines;

/** The last round of a case, as far as what comes next depends on it. */
final readonly class RoundDone
{
    public function __construct(
        public DateTimeImmutable $at,
        /** Hours to the first look that says something. */
        public float $firstLookHours,
        /** Hours to the look that may judge it. */
        public float $fairLookHours,
        /** Days to the next round; null where it is done once. */
        public ?int $repeatDays,
        /** When it was counted last since; null where it was not. */
        public ?DateTimeImmutable $counted,
        /** Whether that count may judge it. */
        public bool $judged,
        /** Of what is sprayed on bare wood: when its buds break; null where nobody said, or it does not matter. */
        public ?DateTimeImmutable $budBreak = null,
        /** Whether something that was mixed was ever sprayed on it; until then it is to be decided on. */
        public bool $isDecided = true,
    ) {}

    /** The look that comes next; null when both were had. */
    public function nextLook(): ?DateTimeImmutable
    {
        if ($this->budBreak !== null && $this->budBreak > $this->at) {
            return $this->lookAtWood($this->budBreak);
        }
        $first = $this->after($this->firstLookHours);

        return match (true) {
            $this->judged => null,
            $this->counted === null || $this->counted < $first => $first,
            default => $this->after($this->fairLookHours),
        };
    }

    /** Nothing is looked at in between: what wintered shows at bud break, and in the season after. */
    private function lookAtWood(DateTimeImmutable $budBreak): ?DateTimeImmutable
    {
        $season = $this->at->modify('+' . ScheduleLines::SEASON_AFTER['value'] . ' days');

        return match (true) {
            $this->counted === null || $this->counted < $budBreak => $budBreak,
            $this->counted < $season => $season,
            default => null,
        };
    }

    private function after(float $hours): DateTimeImmutable
    {
        return $this->at->modify('+' . (int) round($hours * 60) . ' minutes');
    }
}
