<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;
use IdleMixer\Core\Batch\BottleAct;
use IdleMixer\Core\Batch\BottleEnd;
use IdleMixer\Core\Batch\BottleState;

/** Where what is mixed stands, and the one thing that comes next with it. */
final readonly class BottleAnswer
{
    public function __construct(
        #[Shape(of: BottleState::class)]
        public string $state,
        public string $words,
        /** How it is gone; null while it is not. */
        #[Shape(of: BottleEnd::class)]
        public ?string $end,
        #[Shape(of: BottleAct::class)]
        public string $act,
        public string $actWords,
        /** Id of the walk that goes on, or of the leaf test that is looked at; null for whatever else comes next. */
        public ?int $ref,
        #[Shape(least: 1)]
        public int $loads,
        /** How many of them are mixed. */
        #[Shape(least: 0)]
        public int $mixed,
        /** Id of the course whose plants it is mixed for together; null where it is for one. */
        public ?int $course,
    ) {}
}
