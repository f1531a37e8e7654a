<?php

declare(strict_types=1);

namespace IdleMixer\Core\Ask;

use DateTimeImmutable;
use IdleMixer\Core\Population\CountOn;
use IdleMixer\Core\Population\Outbreak;
use IdleMixer\Core\Population\Wanted;

/** What is asked to be seen ahead. */
final readonly class ForecastAsk
{
    /**
     * @param DateTimeImmutable       $start  midnight of the day of the first count, in UTC
     * @param non-empty-list<CountOn> $counts earliest first
     * @param Wanted|null             $wanted what is searched; null where nothing is
     */
    public function __construct(public DateTimeImmutable $start, public Outbreak $outbreak, public array $counts, public int $days, public ?Wanted $wanted) {}
}
