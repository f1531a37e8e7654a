<?php

declare(strict_types=1);

namespace IdleMixer\Core\Trouble;

/** A further look, and the sign that it shows or rules out. */
final readonly class Look
{
    public function __construct(public string $slug, public string $words, public Sign $sign) {}
}
