<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** One ingredient in every way of saying it. */
final readonly class WayAnswer
{
    public function __construct(
        public string $name,
        public string $scoops,
        public string $amount,
        public string $percent,
        public ?string $pure,
        public string $parts,
        public string $perLitre,
        public string $perGallon,
        public string $water,
    ) {}
}
