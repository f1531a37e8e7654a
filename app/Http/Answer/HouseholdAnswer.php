<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** Whose spoons are meant, and the household's own splash and squirt. */
final readonly class HouseholdAnswer
{
    /**
     * @param list<ByEyeAnswer> $byEye
     */
    public function __construct(
        public int $version,
        public ?string $kitchen,
        public array $byEye,
    ) {}
}
