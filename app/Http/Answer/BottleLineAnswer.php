<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;
use IdleMixer\Core\Batch\BottleLineKind;

/** One thing that happened to what is mixed. */
final readonly class BottleLineAnswer
{
    public function __construct(
        #[Shape(format: 'uuid')]
        public string $id,
        #[Shape(of: BottleLineKind::class)]
        public string $kind,
        public string $words,
        #[Shape(format: 'date-time')]
        public string $at,
    ) {}
}
