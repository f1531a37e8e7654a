<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** What sprays cost by what the bottles of the shelf cost. */
final readonly class ShelfCostsAnswer
{
    /**
     * @param list<SpentAnswer> $each  of each case and course for which something was mixed this year, dearest first
     * @param list<string>      $alike bottles that do the same work, side by side
     */
    public function __construct(
        /** Whether any bottle has a price. */
        public bool $known,
        /** Of what was mixed this year; empty where nothing was. */
        public string $season,
        /** Of the rounds of the next four weeks; empty where there are none. */
        public string $ahead,
        public array $each,
        public array $alike,
    ) {}
}
