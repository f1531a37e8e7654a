<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;

/** A plant on a walk through the bed. */
final readonly class RunPlantAnswer
{
    public function __construct(
        public int $caseId,
        public string $name,
        #[Shape(format: 'date-time')]
        public ?string $sprayedAt,
        public ?float $litres,
        public GateAnswer $gate,
        public int $plantId,
        /** Id of the course of many plants that it is on; null where it has a case of its own. */
        public ?int $course,
        /** Key of the step in which it is sprayed. */
        public string $step,
    ) {}
}
