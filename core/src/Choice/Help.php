<?php

declare(strict_types=1);

namespace IdleMixer\Core\Choice;

/** Something beside a spray that is got or bought. */
final readonly class Help
{
    public function __construct(public string $slug, public string $words, public string $source) {}
}
