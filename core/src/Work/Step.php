<?php

declare(strict_types=1);

namespace IdleMixer\Core\Work;

/** One thing to do at the bench: a code with its arguments; the wording is put together elsewhere. */
final readonly class Step
{
    /**
     * @param string|null                     $item       key of the load's item that is measured out now
     * @param array<string, int|float|string> $args
     * @param float                           $levelAfter mL in the sprayer once it is done
     */
    public function __construct(
        public StepCode $code,
        public ?string $item = null,
        public array $args = [],
        public float $levelAfter = 0.0,
    ) {}

    /** @param array<string, int|float|string> $args */
    public function with(array $args): self
    {
        return new self($this->code, $this->item, [...$this->args, ...$args], $this->levelAfter);
    }

    public function as(StepCode $code): self
    {
        return new self($code, $this->item, $this->args, $this->levelAfter);
    }

    public function reaching(float $level): self
    {
        return new self($this->code, $this->item, $this->args, $level);
    }
}
