<?php

declare(strict_types=1);

namespace IdleMixer\Core\Plan;

use IdleMixer\Core\Mix\Mixture;

/** How far what is left in the cupboard reaches: the thing that runs out first decides. */
final readonly class CupboardReach
{
    /** @param array<string, float> $each mL of finished spray that each thing would reach for, by slug */
    private function __construct(
        /** mL of finished spray; null when nothing that is in it was counted. */
        public ?float $finished,
        /** Slug of what runs out first. */
        public ?string $limiting,
        public array $each,
    ) {}

    /**
     * @param Mixture              $whole as planned
     * @param array<string, float> $left  mL by slug of the ingredient
     */
    public static function of(Mixture $whole, array $left): self
    {
        $needed = [];
        foreach ($whole->parts as $part) {
            $slug = $part->ingredient->slug;
            $needed[$slug] = ($needed[$slug] ?? 0.0) + $part->millilitres;
        }
        $each = [];
        foreach (array_intersect_key($needed, $left) as $slug => $millilitres) {
            $each[$slug] = $whole->finished() * $left[$slug] / $millilitres;
        }
        asort($each);

        return new self($each === [] ? null : min($each), array_key_first($each), $each);
    }
}
