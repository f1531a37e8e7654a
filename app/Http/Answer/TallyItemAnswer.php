<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** One thing of the tally. */
final readonly class TallyItemAnswer
{
    /**
     * @param list<TallyScoopAnswer> $scoops
     */
    public function __construct(
        public int $id,
        public int $load,
        public string $key,
        public string $name,
        public float $plannedMl,
        public array $scoops,
    ) {}
}
