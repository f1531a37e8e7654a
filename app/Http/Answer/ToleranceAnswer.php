<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;
use IdleMixer\Core\Plant\Surface;

/** What a spray lands on. */
final readonly class ToleranceAnswer
{
    public function __construct(
        public string $slug,
        public string $name,
        #[Shape(of: Surface::class)]
        public string $surface,
        public string $looksLike,
    ) {}
}
