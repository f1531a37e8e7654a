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
        /** Whether each round is rinsed off within a day; null where nobody said. */
        public ?bool $rinsed = null,
        /** Whether the interval is that of practice, because nobody said one. */
        public bool $practised = false,
    ) {}

    /** The same, with the interval and the rinse that practice uses where nobody said another. */
    public function asPractised(?float $days, bool $rinsed): self
    {
        return new self($this->season, $this->air, $this->inFlower, $this->pickedInDays, $this->everyDays ?? $days, $this->rinsed ?? ($this->everyDays === null && $rinsed), $this->everyDays === null);
    }

    /** The same, sprayed at another interval in days, above 0. */
    public function every(float $days): self
    {
        return new self($this->season, $this->air, $this->inFlower, $this->pickedInDays, $days, $this->rinsed);
    }
}
