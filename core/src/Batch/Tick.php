<?php

declare(strict_types=1);

namespace IdleMixer\Core\Batch;

use DateTimeImmutable;
use IdleMixer\Core\Data\InputLines;

/** One spoonful that went in. */
final readonly class Tick
{
    /**
     * @param int    $load   from 1
     * @param string $item   key of the load's item
     * @param int    $scoop  which of its measures, from 0
     * @param int    $number which fill of that measure, from 1
     * @param DateTimeImmutable|null $again when another device that was apart ticked it, too: two may have gone in
     */
    public function __construct(public int $load, public string $item, public int $scoop, public int $number, public DateTimeImmutable $at, public ?DateTimeImmutable $again = null) {}

    /**
     * Whether what a device ticked while it was apart may be a second spoonful, and not one tap that was sent twice.
     *
     * @param DateTimeImmutable $before when it was ticked elsewhere
     * @param DateTimeImmutable $at     when that device ticked it
     */
    public static function isAnother(DateTimeImmutable $before, DateTimeImmutable $at): bool
    {
        return abs($before->getTimestamp() - $at->getTimestamp()) > InputLines::SAME_TAP['value'];
    }
}
