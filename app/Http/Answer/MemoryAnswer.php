<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Named;
use App\Http\Api\Shape;
use IdleMixer\Core\Vessel\MemoryFinding;

/** What speaks against filling a sprayer as it is. */
#[Named('SprayerMemory')]
final readonly class MemoryAnswer
{
    public function __construct(
        #[Shape(of: MemoryFinding::class)]
        public string $code,
        /** What was in it last. */
        public string $last,
        public string $words,
        public string $briefly,
        /** Whether it may not be filled at all. */
        public bool $final,
    ) {}
}
