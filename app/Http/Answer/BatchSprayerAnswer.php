<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** The sprayer that a batch is mixed in. */
final readonly class BatchSprayerAnswer
{
    /**
     * @param list<PourAnswer> $pours
     */
    public function __construct(
        public int $id,
        public string $name,
        public AmountAnswer $holds,
        public array $pours,
        /** What it is drawn as. */
        public string $shape,
    ) {}
}
