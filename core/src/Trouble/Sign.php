<?php

declare(strict_types=1);

namespace IdleMixer\Core\Trouble;

/** Something that can be seen on a plant or around it. */
final readonly class Sign
{
    public function __construct(
        public string $slug,
        /** creatures, traces, marks, plant or before. */
        public string $group,
        public string $words,
        public string $drawing,
        /** Share of plants, 0 to 1, that show it for no reason that matters. */
        public float $usual,
    ) {}
}
