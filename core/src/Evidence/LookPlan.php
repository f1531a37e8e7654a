<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

use IdleMixer\Core\Data\InputLines;

/** How a pest is looked at: the same way each time. */
final readonly class LookPlan
{
    /** @param array<string, string> $stages what is told apart, in words, by slug */
    public function __construct(
        public int $spots,
        /** What a spot is, in one word. */
        public string $spot,
        public string $where,
        public array $stages,
        /** Whether the share of each leaf is judged, in percent, instead of a number. */
        public bool $percent,
    ) {}

    /** The most that a spot can have. */
    public function most(): float
    {
        return $this->percent ? 100.0 : InputLines::MOST_BY_EYE['value'];
    }
}
