<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** What may stand in the sprayer after a slip, and the ways out. */
final readonly class WayOutAnswer
{
    /**
     * @param list<string> $planned
     * @param list<RemedyAnswer> $remedies
     * @param list<string> $standIns
     */
    public function __construct(
        public array $planned,
        public bool $sure,
        public WayOutEndAnswer $weakest,
        public WayOutEndAnswer $strongest,
        public array $remedies,
        /** What was taken for granted. */
        public string $note,
        public array $standIns,
    ) {}
}
