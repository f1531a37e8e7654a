<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** Something to take along. */
final readonly class ToBuyAnswer
{
    public function __construct(
        public string $ingredient,
        public string $name,
        /** mL that the rounds ahead take, of a powder g. */
        public float $takes,
        /** How much is wanting, in words; empty where nobody said how much is there. */
        public string $short,
        /** The round for which it is not enough any more; null where nobody said how much is there. */
        public ?string $from,
        /** All of it as one line of a list. */
        public string $line,
    ) {}
}
