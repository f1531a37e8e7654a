<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** Who told the weather, from when to when. */
final readonly class TellerAnswer
{
    public function __construct(
        public string $name,
        public string $from,
        public string $to,
    ) {}
}
