<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

use DateTimeImmutable;
use IdleMixer\Core\Data\EvidenceLines;

/** One count of a pest. */
final readonly class Counted
{
    /**
     * @param bool            $untreated whether it was made on a plant of the same kind that is left unsprayed
     * @param LeafCounts|null $each      what was on each leaf; null where nobody wrote that down
     */
    public function __construct(public DateTimeImmutable $at, public float $value, public bool $untreated, private ?LeafCounts $each = null) {}

    /** As many as were really seen, on however many leaves. */
    public function seen(): float
    {
        return $this->each?->total() ?? $this->value;
    }

    /** Leaves that were looked at; where only a total is known, as many as a look asks for. */
    public function leaves(): int
    {
        return $this->each?->spots() ?? EvidenceLines::LEAVES_OF_A_TOTAL['value'];
    }

    /** How many fold the value is what was really seen. */
    public function scale(): float
    {
        return $this->value > 0.0 && $this->seen() > 0.0 ? $this->value / $this->seen() : 1.0;
    }

    /** Variance of the natural logarithm of the count by chance alone (Poisson). */
    public function chance(): float
    {
        return 1.0 / ($this->seen() + EvidenceLines::HALF['value']);
    }
}
