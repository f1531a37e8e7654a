<?php

declare(strict_types=1);

namespace App\Records;

use DateTimeImmutable;
use IdleMixer\Core\Population\Forecast;
use IdleMixer\Core\Population\Programme;
use IdleMixer\Core\Population\Surprise;
use IdleMixer\Core\Population\Wanted;

/** How a case is expected to go on: left alone, as it is planned, and with the fewest rounds that end it. */
final readonly class SeenAhead
{
    /**
     * @param DateTimeImmutable    $begin   midnight of the day from which days are counted, in UTC
     * @param Forecast|null        $planned null where nothing is planned
     * @param array{Programme, Wanted, Forecast}|null $best null where nothing that may be sprayed works on it
     * @param list<int>            $ahead   days of the rounds that are planned
     * @param string               $spray   that is sprayed next; empty where none is
     */
    public function __construct(public DateTimeImmutable $begin, public int $today, public Forecast $alone, public ?Forecast $planned, public ?array $best, public array $ahead, public string $spray, public Surprise $surprise) {}
}
