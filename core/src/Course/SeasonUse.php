<?php

declare(strict_types=1);

namespace IdleMixer\Core\Course;

/** How many rounds of one thing a plant had this season, of how many at most. */
final readonly class SeasonUse
{
    public function __construct(public string $code, public int $used, public int $of) {}
}
