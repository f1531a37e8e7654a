<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** What may be sprayed as prevention, how often as its school has it, and against what it does something. */
final readonly class CourseMethodAnswer
{
    /** @param list<string> $against slugs of troubles */
    public function __construct(
        public string $slug,
        public string $name,
        /** Between rounds, while nothing is found; null where it is done once. */
        public ?int $days,
        public array $against,
    ) {}
}
