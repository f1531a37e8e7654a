<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;
use IdleMixer\Core\Course\ActKind;

/** One thing to do on a day of a programme. */
final readonly class AheadEntryAnswer
{
    public function __construct(
        #[Shape(format: 'date')]
        public string $on,
        #[Shape(of: ActKind::class)]
        public string $kind,
        public string $spray,
        public string $because,
        public bool $done,
    ) {}
}
