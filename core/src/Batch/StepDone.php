<?php

declare(strict_types=1);

namespace IdleMixer\Core\Batch;

use DateTimeImmutable;

/** A step without spoons that was done: water, shaking, the label. */
final readonly class StepDone
{
    /**
     * @param int $load   from 1
     * @param int $number of the step within its load, from 1
     */
    public function __construct(public int $load, public int $number, public DateTimeImmutable $at) {}
}
