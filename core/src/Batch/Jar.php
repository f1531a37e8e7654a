<?php

declare(strict_types=1);

namespace IdleMixer\Core\Batch;

use IdleMixer\Core\Data\BatchLines;

/** A stock that stands in a jar: what was made of it, and what is left after it was poured from. */
final readonly class Jar
{
    /**
     * @param float       $made   mL
     * @param list<float> $poured mL, each time
     */
    public function __construct(public float $made, private array $poured) {}

    /** mL, 0 or more. */
    public function left(): float
    {
        return max(0.0, $this->made - array_sum($this->poured));
    }

    /** Whether so little is left that no spoon gets at it. */
    public function isEmpty(): bool
    {
        return $this->left() < BatchLines::JAR_EMPTY['value'];
    }

    /** Whether so much can be poured; what is measured is a spoonful more or less. */
    public function holds(float $millilitres): bool
    {
        return $this->left() * (1.0 + BatchLines::JAR_SLACK['value']) >= $millilitres;
    }
}
