<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;
use IdleMixer\Core\WayOut\RemedyKind;

/** One way out. */
final readonly class RemedyAnswer
{
    public function __construct(
        #[Shape(of: RemedyKind::class)]
        public string $kind,
        public string $title,
        public string $text,
        public float $finishedMl,
    ) {}
}
