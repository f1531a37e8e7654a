<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;
use IdleMixer\Core\Weather\HourVerdict;

/** A plant with the hours that are best for it. */
final readonly class SprayDayPlantAnswer
{
    /**
     * @param list<WindowAnswer> $windows the best three, best first
     * @param list<WindowAnswer> $hours   good and workable ones of the week, earliest first; empty where it may not go on this plant
     */
    public function __construct(
        public int $id,
        public string $name,
        public string $stands,
        /** Its open cases. */
        public string $troubles,
        /** What this hour is. */
        #[Shape(of: HourVerdict::class)]
        public string $verdict,
        public string $because,
        public array $windows,
        public array $hours,
        /** Why it may not go on this plant today, as the gate says it; empty where no hour is in vain. */
        public string $against,
        /** With what it is sprayed. */
        public string $spray,
    ) {}
}
