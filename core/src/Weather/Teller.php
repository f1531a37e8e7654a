<?php

declare(strict_types=1);

namespace IdleMixer\Core\Weather;

/** Who told the weather from when to when, in seconds since 1970. */
final readonly class Teller
{
    public function __construct(public string $name, public int $from, public int $to) {}
}
