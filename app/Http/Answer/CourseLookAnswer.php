<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;

/** One look over all plants of a course. */
final readonly class CourseLookAnswer
{
    public function __construct(public int $id, public string $key, #[Shape(least: 1)] public int $version, #[Shape(format: 'date-time')] public string $lookedAt, public int $plants, public int $found) {}
}
