<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;
use IdleMixer\Core\Leaf\LeafRole;

/** One marked leaf of a test. */
final readonly class TestLeafAnswer
{
    public function __construct(
        public int $number,
        #[Shape(of: LeafRole::class)]
        public string $role,
        public float $rung,
        public string $words,
        public bool $photoBefore,
        public bool $photoAfter,
    ) {}
}
