<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** One thing that is saved otherwise than it was sent. */
final readonly class ConflictingFieldAnswer
{
    public function __construct(public string $name, public string $saved, public string $sent) {}
}
