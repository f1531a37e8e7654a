<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** What a kind of plant tells of all plants of it, to be taken over or not. */
final readonly class KindAnswer
{
    public function __construct(
        public string $name,
        /** Class of the leaf. */
        public string $tolerance,
        public bool $bearsNoOil,
        public bool $soapSensitive,
        public string $words,
    ) {}
}
