<?php

declare(strict_types=1);

namespace IdleMixer\Core\Population;

use IdleMixer\Core\Data\PopulationLines;

/** Rounds on their days, and what they leave. */
final readonly class Programme
{
    /**
     * @param list<int> $days days after the first count
     * @param float     $left of all stages, eggs among them, in the end
     */
    public function __construct(public array $days, public float $left) {}

    /** Whether under one is left. */
    public function ends(): bool
    {
        return $this->left < PopulationLines::OVER['value'];
    }

    /** @param bool $ends whether both end it: then fewer rounds come first, and then those that are through sooner */
    public function isBetterThan(?self $other, bool $ends): bool
    {
        if ($other === null) {
            return true;
        }
        $of = static fn(self $one): array => $ends ? [count($one->days), $one->days === [] ? 0 : max($one->days), $one->left] : [$one->left];

        return $of($this) < $of($other);
    }
}
