<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;
use IdleMixer\Core\Schedule\FreeDays;

/** The days on which this household has time for a round. */
final readonly class FreeDaysAnswer
{
    /**
     * @param list<int>        $weekdays
     * @param list<AwayAnswer> $away
     */
    public function __construct(
        /** Of the household. */
        #[Shape(least: 0)]
        public int $version,
        /** 1 for Monday to 7 for Sunday. */
        public array $weekdays,
        /** First and last days on which nobody is there. */
        public array $away,
    ) {}

    public static function of(int $version, ?FreeDays $free): self
    {
        $told = ($free ?? FreeDays::every())->told();

        return new self($version, $told['weekdays'], array_map(static fn(array $one): AwayAnswer => new AwayAnswer($one['from'], $one['until']), $told['away']));
    }
}
