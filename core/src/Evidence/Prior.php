<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

use IdleMixer\Core\Data\EvidenceLines;

/** What is thought of a spray before its own cases are looked at, and how many cases that speaks for. */
final readonly class Prior
{
    private function __construct(
        /** Natural logarithm of the share that it leaves. */
        public float $log,
        public float $cases,
    ) {}

    public static function unknown(): self
    {
        return self::known(EvidenceLines::UNKNOWN_DOWN['value']);
    }

    /** @param float $percent down, under 100 */
    public static function known(float $percent): self
    {
        return new self(log(1.0 - $percent / 100.0), EvidenceLines::KNOWN_CASES['value']);
    }

    /**
     * What a family is thought to do: what is known of it, moved by the cases of its sprays.
     *
     * @param list<float> $cases natural logarithms of the shares left, one a case
     */
    public function movedBy(array $cases): self
    {
        return new self($this->shrunk($cases), EvidenceLines::FAMILY_CASES['value']);
    }

    /** @param list<float> $cases natural logarithms of the shares left, one a case */
    public function shrunk(array $cases): float
    {
        return ($this->cases * $this->log + array_sum($cases)) / ($this->cases + count($cases));
    }
}
