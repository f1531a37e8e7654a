<?php

declare(strict_types=1);

namespace IdleMixer\Core\Ask;

use IdleMixer\Core\Weather\Place;
use IdleMixer\Core\Weather\Spray;
use IdleMixer\Core\Weather\Stand;
use IdleMixer\Core\Weather\ToldHour;

/** What is asked of the hours of a place. */
final readonly class AskedHours
{
    /** @param list<ToldHour> $hours earliest first */
    public function __construct(public Place $place, public Spray $spray, public Stand $stand, public array $hours) {}
}
