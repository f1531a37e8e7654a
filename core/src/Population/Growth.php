<?php

declare(strict_types=1);

namespace IdleMixer\Core\Population;

/**
 * How fast it multiplies once all ages are there: the one rate at which every animal leaves just one for itself, each counted less the later
 * it is born (Euler and Lotka: the sum over age of what lives, times what it lays, times e^(-rate x age), is 1). Ages are degree-days here.
 */
final readonly class Growth
{
    private const HALVINGS = 60;

    /** Nothing that lives in a garden doubles within a degree-day or dies out faster. */
    private const FASTEST = 0.7;

    /** @param float $births how many times as many are laid as handbooks have it */
    public function __construct(private Life $life, private float $births = 1.0) {}

    /** For each degree-day; below 0 where it dies out by itself. */
    public function rate(): float
    {
        // A stage through which nothing comes has no answer under minus its pace: no rate is tried there.
        $lowest = -0.9 * min([\INF, ...array_values(array_map(static fn(Span $span): float => $span->pace() + $span->dying(), $this->life->spans))]);
        [$low, $high] = [max(-self::FASTEST, $lowest), self::FASTEST];
        for ($step = 0; $step < self::HALVINGS; ++$step) {
            $middle = ($low + $high) / 2.0;
            if ($this->left($middle) > 1.0) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return ($low + $high) / 2.0;
    }

    /** Days in which numbers double at so many °C; null where they do not grow. */
    public function doublingDays(float $celsius): ?float
    {
        $rate = $this->rate() * $this->life->biology->warmth($celsius);

        return $rate > 0.0 ? log(2.0) / $rate : null;
    }

    /** What one animal leaves for itself, counted so. */
    private function left(float $rate): float
    {
        $through = 1.0;
        foreach ($this->life->spans as $stage => $span) {
            $through *= $stage === Stage::Adult->value ? $this->laid($span, $rate) : $span->through($rate);
        }

        return $through;
    }

    private function laid(Span $adult, float $rate): float
    {
        $share = $adult->pace() / ($adult->pace() + $rate);
        $sum = 0.0;
        for ($step = $this->life->before; $step < $adult->steps; ++$step) {
            $sum += $share ** $step / ($adult->pace() + $rate);
        }

        return $this->births * $this->life->laying() * $sum;
    }
}
