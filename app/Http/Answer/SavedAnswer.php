<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;

/** What was saved just now, so that it can be taken back. */
final readonly class SavedAnswer
{
    /** @param string $kind as the addresses of the API call it */
    public function __construct(public string $kind, public int $id, public string $key, #[Shape(least: 1)] public int $version) {}
}
