<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;

/** A plant with all that hangs on it. */
final readonly class PlantPageAnswer
{
    /**
     * @param list<CaseBriefAnswer>  $cases  open ones first, then newest first
     * @param list<LeafTestAnswer>   $tests  newest first; those of its kind, too
     * @param list<ProvenAnswer>     $proven by those tests that let it go
     * @param list<HadAnswer>        $had    newest first
     * @param list<TaskAnswer>       $next   earliest first
     * @param list<StandingAnswer>   $standing what stands mixed, and whether it may go on it, newest first
     */
    public function __construct(
        public PlantAnswer $plant,
        public array $cases,
        public array $tests,
        public array $proven,
        public array $had,
        public array $next,
        /** When its picture was taken; null where it has none. */
        #[Shape(format: 'date-time')]
        public ?string $pictureAt,
        public array $standing,
        public RowAnswer $row,
        /** The course on which it stands apart from the others; null where it does not. */
        public ?RefAnswer $apart,
    ) {}
}
