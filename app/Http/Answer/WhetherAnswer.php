<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;
use IdleMixer\Core\Choice\Answer;
use IdleMixer\Core\Choice\WhyWhether;
use IdleMixer\Core\Source\Standing;

/** Whether to spray at all, and why. */
final readonly class WhetherAnswer
{
    public function __construct(
        #[Shape(of: Answer::class)]
        public string $answer,
        #[Shape(of: WhyWhether::class)]
        public string $why,
        public string $words,
        /** What waiting did against it here; empty where nobody waited yet. */
        public string $waited,
        /** Days until somebody looks again; null where it is sprayed. */
        public ?int $lookInDays,
        #[Shape(of: Standing::class)]
        public string $standing,
        public string $source,
    ) {}
}
