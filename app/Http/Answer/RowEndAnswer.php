<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;
use IdleMixer\Core\Row\EndKind;

/** Something that ends. */
final readonly class RowEndAnswer
{
    public function __construct(
        #[Shape(format: 'date-time')]
        public string $at,
        #[Shape(of: EndKind::class)]
        public string $kind,
        public string $words,
    ) {}
}
