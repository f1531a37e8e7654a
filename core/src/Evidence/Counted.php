<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

use DateTimeImmutable;
use IdleMixer\Core\Data\EvidenceLines;

/** One count of a pest. */
final readonly class Counted
{
    /**
     * @param bool       $untreated whether it was made on a plant of the same kind that is left unsprayed
     * @param float|null $scatter   variance of the natural logarithm of its value by the leaves that were looked at; null where
     *                              nobody wrote down what was on each
     */
    public function __construct(public DateTimeImmutable $at, public float $value, public bool $untreated, private ?float $scatter = null) {}

    /**
     * How far the natural logarithm of the count may be off: that of a negative binomial, 1/n by chance and 1/k by the clumps
     * that pests sit in. Where only a total is known, k is that of so many leaves as a look asks for.
     */
    public function logVariance(): float
    {
        return $this->scatter ?? 1.0 / ($this->value + EvidenceLines::HALF['value']) + 1.0 / (EvidenceLines::CLUMPED['value'] * EvidenceLines::LEAVES_OF_A_TOTAL['value']);
    }
}
