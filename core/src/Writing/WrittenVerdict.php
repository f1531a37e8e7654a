<?php

declare(strict_types=1);

namespace IdleMixer\Core\Writing;

/** A verdict with its sentence, and the standing and source of its limit. */
final readonly class WrittenVerdict
{
    public function __construct(
        public string $code,
        public string $level,
        public string $about,
        public string $because,
        public ?string $standing,
        public ?string $source,
    ) {}
}
