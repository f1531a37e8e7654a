<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

use DateTimeImmutable;
use IdleMixer\Core\Data\EvidenceLines;

/** One round as the counts are read against it. */
final readonly class Sprayed
{
    /**
     * @param float  $fairLookHours hours after which it may be judged
     * @param string $spray         what it was sprayed with: the same word for the same spray
     * @param bool   $winter        on bare wood, judged in the season after
     */
    public function __construct(
        public DateTimeImmutable $at,
        public float $fairLookHours,
        public string $spray = '',
        public bool $winter = false,
    ) {}

    public function fairFrom(): DateTimeImmutable
    {
        return self::later($this->at, $this->fairLookHours);
    }

    /** From when a count is fair: a little early still counts. */
    public function countFrom(): DateTimeImmutable
    {
        return self::later($this->at, $this->fairLookHours * (1.0 - EvidenceLines::EARLY['value']));
    }

    public function countUntil(): DateTimeImmutable
    {
        return self::later($this->fairFrom(), $this->winter ? EvidenceLines::WINTER_AFTER_WITHIN['value'] : EvidenceLines::AFTER_WITHIN['value']);
    }

    public function countSince(): DateTimeImmutable
    {
        return self::later($this->at, -$this->beforeWithin()['value']);
    }

    /** @return array{value: float, unit: string, source: string} h: a count before is no older than this */
    public function beforeWithin(): array
    {
        return $this->winter ? EvidenceLines::WINTER_BEFORE_WITHIN : EvidenceLines::BEFORE_WITHIN;
    }

    private static function later(DateTimeImmutable $from, float $hours): DateTimeImmutable
    {
        return $from->modify(sprintf('%+d minutes', (int) round($hours * 60.0)));
    }
}
