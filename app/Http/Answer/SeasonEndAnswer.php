<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** What came of a season, beside what could have come of it. */
final readonly class SeasonEndAnswer
{
    /**
     * @param list<float>               $truth    how many there really were, day by day
     * @param list<SeasonWayAnswer>     $mistakes what let it come back, and the same season without it
     */
    public function __construct(public string $words, public array $truth, public SeasonWayAnswer $best, public array $mistakes) {}
}
