<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;
use IdleMixer\Core\Phrase\Kitchen;

/** Whose spoons are meant, and the household's own splash and squirt. */
final readonly class HouseholdAnswer
{
    /**
     * @param list<ByEyeAnswer> $byEye
     * @param HabitsAnswer|null $writes as it was chosen; null where each device proposes its own
     * @param HabitsAnswer      $written as this answer was written
     */
    public function __construct(
        #[Shape(least: 0)]
        public int $version,
        #[Shape(of: Kitchen::class)]
        public ?string $kitchen,
        public array $byEye,
        public ?HabitsAnswer $writes,
        public HabitsAnswer $written,
    ) {}
}
