<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;
use IdleMixer\Core\Schedule\Slot;
use IdleMixer\Core\Schedule\TaskKind;
use IdleMixer\Core\Schedule\Urgency;

/** One thing to do. */
final readonly class TaskAnswer
{
    /** @param list<string> $moves what moved it from when it was planned */
    public function __construct(
        #[Shape(of: TaskKind::class)]
        public string $kind,
        public int $ref,
        /** Under which what it is about was sent, where it can be settled on the spot. */
        #[Shape(format: 'uuid')]
        public ?string $key,
        public string $text,
        public string $do,
        /** The same in a word or two. */
        public string $short,
        /** Of the plant that it is of; null where it is of none, or of many. */
        public ?int $plantId,
        #[Shape(format: 'date-time')]
        public string $dueAt,
        #[Shape(of: Urgency::class)]
        public string $urgency,
        /** now, today, week or after. */
        #[Shape(of: Slot::class)]
        public string $slot,
        /** What is counted, where it can be counted on the spot. */
        public ?string $counted,
        /** From when on it may be sprayed on its day; null where nobody told the weather, or nothing is sprayed. */
        #[Shape(format: 'date-time')]
        public ?string $bestFrom,
        #[Shape(format: 'date-time')]
        public ?string $bestTo,
        /** The batch that is mixed for it and waits to be sprayed. */
        public ?int $ready,
        /** Whether it is still open what to do, and if anything is sprayed at all. */
        public bool $undecided,
        /** The case on whose account a neighbour is looked over. */
        public ?int $case,
        #[Shape(format: 'date-time')]
        public string $plannedAt,
        public array $moves,
        /** Where what is mixed for it stands; null where nothing is. */
        public ?BottleAnswer $bottle,
    ) {}
}
