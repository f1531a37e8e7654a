<?php

declare(strict_types=1);

namespace App\Records;

use IdleMixer\Core\Population\Forecast;
use IdleMixer\Core\Population\Instead;
use IdleMixer\Core\Population\NextRounds;
use IdleMixer\Core\Population\Programme;
use IdleMixer\Core\Population\Reach;
use IdleMixer\Core\Population\Surprise;
use IdleMixer\Core\Population\Wanted;

/** How a case is expected to go on: left alone, as it is planned, and with the fewest rounds that end it. */
final readonly class SeenAhead
{
    /**
     * @param PlaceDays            $days   days are counted from that of the first count
     * @param Forecast|null        $planned null where nothing is planned
     * @param array{Programme, Wanted, Forecast}|null $best null where nothing that may be sprayed works on it
     * @param list<int>            $ahead   days of the rounds that are planned
     * @param string               $spray   that is sprayed next; empty where none is
     * @param Reach                $reach   how much the sprays of this household reach
     * @param Instead|null         $instead what would end it where this spray does not; null where it does, or nothing would
     * @param NextRounds|null      $next    what comes of rounds of it on other days; null where none is sprayed
     * @param Wanted|null          $room    on which days the gardener may have them; null where none may be
     */
    public function __construct(public PlaceDays $days, public int $today, public Forecast $alone, public ?Forecast $planned, public ?array $best, public array $ahead, public string $spray, public Surprise $surprise, public Reach $reach, public ?NextRounds $next = null, public ?Wanted $room = null, public ?Instead $instead = null) {}

    /** A day, as an answer tells it. */
    public function on(int $day): string
    {
        return $this->days->on($day)->format('Y-m-d');
    }
}
