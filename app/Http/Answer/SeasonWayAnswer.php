<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** Another way to keep the same season. */
final readonly class SeasonWayAnswer
{
    /**
     * @param string      $name  "best", or the mistake that is not made
     * @param list<int>   $rounds days
     * @param list<float> $truth how many there would really have been, day by day
     */
    public function __construct(public string $name, public string $words, public array $rounds, public array $truth) {}
}
