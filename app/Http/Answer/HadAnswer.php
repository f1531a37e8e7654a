<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** A round that a plant had. */
final readonly class HadAnswer
{
    /** @param list<string> $strength */
    public function __construct(public string $sprayedAt, public RefAnswer $batch, public RefAnswer $case, public array $strength) {}
}
