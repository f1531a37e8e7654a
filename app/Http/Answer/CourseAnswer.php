<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;
use IdleMixer\Core\Course\CourseState;

/** A course of many plants: how it stands and why, what comes next, its plants, and the whole line of it. */
final readonly class CourseAnswer
{
    /**
     * @param list<CourseMethodAnswer> $methods in turn
     * @param list<CoursePlantAnswer> $plants
     * @param list<CourseLookAnswer>  $looks   newest first
     * @param list<TaskAnswer>        $tasks   what comes next
     * @param list<string>            $limits  what of a season is used, in words
     * @param list<CourseBoughtAnswer> $bought newest first
     */
    public function __construct(
        public int $id,
        /** Its identity in every notebook: the UUID under which it was sent. */
        public string $key,
        #[Shape(least: 1)]
        public int $version,
        public string $name,
        /** Slug of what is feared; null where nothing by name. */
        public ?string $pest,
        public string $pestName,
        public array $methods,
        public ?int $everyDays,
        #[Shape(format: 'date-time')]
        public string $begunAt,
        #[Shape(format: 'date-time')]
        public ?string $endedAt,
        /** Null where no plant is on it any more. */
        #[Shape(of: CourseState::class)]
        public ?string $state,
        public string $because,
        /** What may be in the place of what was chosen; empty where that may. */
        public string $nearest,
        public array $tasks,
        public array $plants,
        public array $looks,
        /** Walks with it that were done. */
        public int $rounds,
        public ?AheadAnswer $ahead,
        public array $limits,
        public array $bought,
        /** Of which it is a side; null where it is none. */
        public ?RefAnswer $trial,
        /** A for the side with the first spray, B for the other; null where it is of no trial. */
        public ?string $side,
    ) {}
}
