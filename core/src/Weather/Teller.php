<?php

declare(strict_types=1);

namespace IdleMixer\Core\Weather;

/** Who told the weather from when to when, in seconds since 1970. */
final readonly class Teller
{
    /** @param string $name as the household calls it; empty where it has no name */
    public function __construct(public TellerKind $kind, public string $name, public int $from, public int $to) {}
}
