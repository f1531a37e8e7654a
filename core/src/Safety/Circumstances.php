<?php

declare(strict_types=1);

namespace IdleMixer\Core\Safety;

use IdleMixer\Core\Quantity\Temperature;

/** What is known of the day and the plant beyond its leaf; null where nobody said. */
final readonly class Circumstances
{
    public function __construct(
        public ?Season $season = null,
        /** Of the air in the shade at spraying. */
        public ?Temperature $air = null,
        public bool $inFlower = false,
        /** Days until it is picked and eaten. */
        public ?float $pickedInDays = null,
        /** Days from one spraying to the next; above 0. */
        public ?float $everyDays = null,
        /** Whether each round is rinsed off within a day. */
        public bool $rinsed = false,
    ) {}

    /** The same, with the interval that practice uses where nobody said another. */
    public function every(?float $days): self
    {
        return $this->everyDays !== null || $days === null ? $this : new self($this->season, $this->air, $this->inFlower, $this->pickedInDays, $days, $this->rinsed);
    }
}
