<?php

declare(strict_types=1);

namespace IdleMixer\Core\Source;

use IdleMixer\Core\Words\Say;

/** Where a number comes from, and whether it was written down from memory. */
final readonly class Source
{
    public function __construct(
        public string $key,
        public string $citation,
        public Standing $standing,
        public bool $fromMemory,
    ) {}

    public function words(): string
    {
        return $this->citation . ($this->fromMemory ? Say::it('source/source.written-down-from-memory') : '');
    }
}
