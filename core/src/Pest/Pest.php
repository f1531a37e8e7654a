<?php

declare(strict_types=1);

namespace IdleMixer\Core\Pest;

/** What a case can be about, and what is counted of it. */
final readonly class Pest
{
    public function __construct(public string $slug, public string $name, public string $counted) {}
}
