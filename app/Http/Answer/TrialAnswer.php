<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;

/** Two sprays side by side. */
final readonly class TrialAnswer
{
    /**
     * @param list<bool>            $lots  whether each leaf or plant gets the first spray, by its number from the first
     * @param list<TrialLookAnswer> $looks earliest first
     * @param list<TrialSideAnswer> $sides A before B; none of a trial from before they were recorded
     * @param list<TrialPlantAnswer> $plants by their labels
     */
    public function __construct(
        public int $id,
        /** Its identity in every notebook: the UUID under which it was sent. */
        public string $key,
        #[Shape(least: 1)]
        public int $version,
        public string $name,
        public string $pest,
        public string $pestName,
        public string $one,
        public string $other,
        #[Shape(words: ['leaf', 'plant'])]
        public string $unit,
        public int $units,
        public bool $blind,
        #[Shape(format: 'date-time')]
        public string $begunAt,
        #[Shape(format: 'date-time')]
        public ?string $sprayedAt,
        #[Shape(format: 'date-time')]
        public ?string $endedAt,
        public string $conclusion,
        public array $lots,
        public array $looks,
        /** Percent fewer where the first was than where the second was; null where nothing can be said. */
        public ?float $percent,
        public ?float $low,
        public ?float $high,
        public bool $settled,
        public string $result,
        /** What is done when, and when it ends, in words. */
        public string $plan,
        public array $sides,
        public array $plants,
    ) {}
}
