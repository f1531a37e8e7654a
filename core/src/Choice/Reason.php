<?php

declare(strict_types=1);

namespace IdleMixer\Core\Choice;

/** Something that speaks for or against a spray, as a code with its arguments. */
final readonly class Reason
{
    /** @param array<string, int|float|string> $args */
    public function __construct(
        public string $code,
        public array $args = [],
        /** Key of the source, where a published or practised limit decides. */
        public ?string $source = null,
    ) {}
}
