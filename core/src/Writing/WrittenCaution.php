<?php

declare(strict_types=1);

namespace IdleMixer\Core\Writing;

/** A caution by code, in words. */
final readonly class WrittenCaution
{
    public function __construct(
        public string $code,
        public string $text,
    ) {}
}
