<?php

declare(strict_types=1);

namespace IdleMixer\Core\Writing;

/** A plan as its open document. Volumes in mL, masses in g, strengths in percent of the finished spray. */
final readonly class WrittenPlan
{
    /**
     * @param list<WrittenLine> $lines
     * @param list<WrittenLoad> $loads
     * @param array<string, float> $strength
     * @param list<WrittenVerdict> $verdicts
     * @param list<string> $steps
     * @param list<WrittenCaution> $cautions
     * @param list<string> $notes
     */
    public function __construct(
        public float $finished_mL,
        public float $water_mL,
        public array $lines,
        public array $loads,
        public array $strength,
        public WrittenEmulsion $emulsion,
        public array $verdicts,
        public array $steps,
        public array $cautions,
        public WrittenSpoken $spoken,
        public WrittenHolding $holding,
        public WrittenFairLook $fair_look,
        public array $notes,
    ) {}
}
