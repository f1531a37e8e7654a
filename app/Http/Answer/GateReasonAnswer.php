<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;
use IdleMixer\Core\Safety\About;
use IdleMixer\Core\Safety\Level;

/** One thing that speaks against a spray, and the one thing to do about it. */
final readonly class GateReasonAnswer
{
    public function __construct(
        public string $code,
        #[Shape(of: About::class)]
        public string $about,
        #[Shape(of: Level::class)]
        public string $level,
        public string $text,
        public string $remedy,
    ) {}
}
