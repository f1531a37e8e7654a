<?php

declare(strict_types=1);

namespace App\Http\Answer;

use DateTimeZone;
use IdleMixer\Core\Weather\Window;
use IdleMixer\Core\Wording\HourWords;

/** Tells of hours in a row, with why they are what they are. */
final readonly class WindowAnswers
{
    public function __construct(private HourWords $words) {}

    /**
     * @param list<Window> $windows
     *
     * @return list<WindowAnswer>
     */
    public function all(array $windows, DateTimeZone $zone): array
    {
        return array_map(fn(Window $window): WindowAnswer => new WindowAnswer(
            GardenAnswers::instant($window->from),
            GardenAnswers::instant($window->to),
            $window->verdict->value,
            $window->darkAt === null ? null : GardenAnswers::instant($window->darkAt),
            $this->words->window($window, $zone),
        ), $windows);
    }
}
