<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;
use IdleMixer\Core\Safety\About;
use IdleMixer\Core\Safety\Level;
use IdleMixer\Core\Source\Standing;

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
        /** Of its limit; null where none was used. */
        #[Shape(of: Standing::class)]
        public ?string $standing,
        public string $source,
    ) {}
}
