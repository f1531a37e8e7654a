<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;
use IdleMixer\Core\Source\Standing;

/** One application, and what the counts say of it. */
final readonly class RoundAnswer
{
    /**
     * @param list<string> $strength
     * @param list<BurnAnswer> $burns
     */
    public function __construct(
        public int $id,
        /** Its identity in every notebook: the UUID under which it was sent. */
        public string $key,
        #[Shape(least: 1)]
        public int $version,
        /** Of the batch, or of what was bought. */
        public string $name,
        /** Null where it was something bought. */
        public ?RefAnswer $batch,
        /** Null where it was mixed. */
        public ?BoughtAnswer $bought,
        public array $strength,
        #[Shape(format: 'date-time')]
        public string $sprayedAt,
        public bool $handWork,
        /** Whether it was rinsed off within a day, by hand. */
        public bool $rinsed,
        public string $notes,
        #[Shape(ref: 'Outcome')]
        public ?string $outcome,
        public string $because,
        /** Where the limit of that comes from; null where none decides. */
        #[Shape(of: Standing::class)]
        public ?string $standing,
        /** By what it was reckoned, and how sure that is; empty where it is not judged. */
        public string $formula,
        public ?float $reductionLow,
        public ?float $reductionHigh,
        #[Shape(format: 'date-time')]
        public ?string $fairFrom,
        public ?float $reductionPercent,
        public bool $compared,
        #[Shape(least: 0)]
        public int $changes,
        /** Why it went without proof; empty where it had one. */
        public string $override,
        public array $burns,
        /** Whether its leaves burnt, so that it is not made again. */
        public bool $burnt,
        public ?float $litres,
        /** As it was then; empty where nobody told it. */
        public string $weather,
        /** Who wrote it down; empty where the device said nobody. */
        public string $who,
    ) {}
}
