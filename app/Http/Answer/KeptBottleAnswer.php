<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** A bottle as it is put on the shelf. */
final readonly class KeptBottleAnswer
{
    public function __construct(public string $words, public string $ingredient, public ?float $strength) {}
}
