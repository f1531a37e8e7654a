<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;

/** A round that a plant had, for its case or on a course of many. */
final readonly class HadAnswer
{
    /** @param list<string> $strength */
    public function __construct(#[Shape(format: 'date-time')] public string $sprayedAt, public string $name, public ?RefAnswer $batch, public ?RefAnswer $case, public ?RefAnswer $course, public array $strength) {}
}
