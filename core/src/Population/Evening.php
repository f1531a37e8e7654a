<?php

declare(strict_types=1);

namespace IdleMixer\Core\Population;

/** How many there are at the end of a day, after what was sprayed. */
final readonly class Evening
{
    /**
     * @param list<float> $numbers by step
     * @param float       $counted of the stages that are counted, before it was sprayed
     */
    public function __construct(public Chain $chain, public array $numbers, public float $counted) {}

    /** Of the stages that are counted. */
    public function seen(): float
    {
        return $this->chain->seen($this->numbers);
    }

    public function all(): float
    {
        return $this->chain->all($this->numbers);
    }

    /** @return array<string, float> by stage */
    public function stages(): array
    {
        $all = [];
        foreach (Stage::cases() as $stage) {
            $all[$stage->value] = $this->chain->of($stage, $this->numbers);
        }

        return $all;
    }
}
