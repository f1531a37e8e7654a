<?php

declare(strict_types=1);

namespace IdleMixer\Core\Population;

/** What counts make of what was not known. */
final readonly class Fitted
{
    /** @param list<list<float>> $spread covariance of start, speed, births and kill */
    public function __construct(public Guess $guess, public array $spread) {}

    /**
     * Variance of what hangs on them.
     *
     * @param list<float> $slopes by start, speed, births and kill
     */
    public function variance(array $slopes): float
    {
        $sum = 0.0;
        foreach ($slopes as $i => $one) {
            foreach ($slopes as $k => $other) {
                $sum += $one * $this->spread[$i][$k] * $other;
            }
        }

        return $sum;
    }
}
