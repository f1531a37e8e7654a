<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Named;

/** One measure of the tally. */
#[Named('Scoop')]
final readonly class TallyScoopAnswer
{
    /**
     * @param list<int> $ticked
     */
    public function __construct(
        public int $id,
        public string $words,
        public float $eachMl,
        public int $count,
        public array $ticked,
    ) {}
}
