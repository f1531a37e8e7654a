<?php

declare(strict_types=1);

namespace IdleMixer\Core\Weather;

use IdleMixer\Core\Source\Sourced;

/** What weather one thing in a spray wants. */
final readonly class Want
{
    public function __construct(
        /** What wants it, as the catalogue calls it. */
        public string $what,
        /** Whether the leaf counts, and not the air. */
        public bool $byLeaf,
        public Sourced $hot,
        public Sourced $warm,
        public Sourced $cold,
        public Sourced $cool,
        public Sourced $dry,
        public Sourced $safe,
        public Sourced $light,
        public Sourced $frost,
        public Sourced $mild,
    ) {}
}
