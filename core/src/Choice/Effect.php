<?php

declare(strict_types=1);

namespace IdleMixer\Core\Choice;

/** What a way of working does to a trouble. */
final readonly class Effect
{
    public function __construct(
        public string $way,
        /** Whether it kills; otherwise it only stops feeding, growth or spread. */
        public bool $kills,
        /** 3 what everybody finds, 2 what most find, 1 what some find. */
        public int $sure,
        public string $why,
        /** Key of the source. */
        public string $source,
    ) {}
}
