<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;
use IdleMixer\Core\Schedule\TaskKind;

/** Something that a plant asks for. */
final readonly class RowActAnswer
{
    public function __construct(
        #[Shape(format: 'date-time')]
        public string $at,
        #[Shape(of: TaskKind::class)]
        public string $kind,
        public int $ref,
        /** What is done with what, as short as it goes. */
        public string $words,
    ) {}
}
