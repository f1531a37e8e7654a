<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** What would end it where the spray that comes next does not: to be taken as it stands. */
final readonly class InsteadAnswer
{
    /** @param list<string> $turns slugs of the recipes in turn, the first of them to begin with */
    public function __construct(public array $turns, public string $words) {}
}
