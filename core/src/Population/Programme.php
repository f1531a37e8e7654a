<?php

declare(strict_types=1);

namespace IdleMixer\Core\Population;

/** Rounds on their days, and what they leave. */
final readonly class Programme
{
    /** Under this many, of all stages, it is over. */
    public const OVER = 1.0;

    /**
     * @param list<int> $days days after the first count
     * @param float     $left of all stages, eggs among them, in the end
     */
    public function __construct(public array $days, public float $left) {}

    /** Whether under one is left. */
    public function ends(): bool
    {
        return $this->left < self::OVER;
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
