<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** What can be made of the shelf, best first. */
final readonly class OnTheShelfAnswer
{
    /**
     * @param list<MadeSprayAnswer> $sprays
     * @param list<LackingAnswer>   $lacking
     */
    public function __construct(
        /** What one fill is. */
        public string $fill,
        public ?int $sprayerId,
        /** Whether anything stands on the shelf. */
        public bool $stocked,
        public array $sprays,
        public array $lacking,
    ) {}
}
