<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** What would make measuring easier: the rounder answer for each line, a volume at which all is whole spoons, the spoon that is missing. */
final readonly class EasierAnswer
{
    /** @param list<RounderAnswer> $or */
    public function __construct(public array $or, public ?AmountAnswer $make, public string $makeWords, public string $spoon) {}
}
