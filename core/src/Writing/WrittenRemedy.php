<?php

declare(strict_types=1);

namespace IdleMixer\Core\Writing;

/** What makes the oil hold. */
final readonly class WrittenRemedy
{
    public function __construct(
        /** more, soft-water, emulsifier-first or keep-moving. */
        public string $kind,
        /** The line that takes the place of the one of the same ingredient, or is added where there is none. */
        public ?WrittenExtraLine $line,
        /** The line in spoons, for one load. */
        public ?string $words,
    ) {}
}
