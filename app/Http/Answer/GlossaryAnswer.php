<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** A word of the field, the forms under which it stands on a screen, and what it means. */
final readonly class GlossaryAnswer
{
    /** @param list<string> $also */
    public function __construct(public string $code, public string $term, public array $also, public string $means) {}
}
