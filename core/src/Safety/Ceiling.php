<?php

declare(strict_types=1);

namespace IdleMixer\Core\Safety;

use IdleMixer\Core\Ingredient\SubstanceGroup;
use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Source\Sourced;

/** The most of one thing that a surface bears, in percent of the finished spray (soda: g per 100 mL). */
final readonly class Ceiling
{
    /** Share by which a strength may touch its limit and still count as within it: rounding of the arithmetic. */
    private const ROUNDING = 1e-9;

    public function __construct(
        /** Essential oil counts as oil, too. */
        public SubstanceGroup $what,
        public Sourced $limit,
        /** Above this it is a stop and no longer a caution. */
        public float $stop,
        /** What it goes onto, in words. */
        public string $onto,
        /** Whether the limit itself is already too much. */
        public bool $below = false,
        /** What over the limit is at the worst. */
        public Level $worst = Level::Stop,
    ) {}

    public function percentOf(Strengths $strengths): float
    {
        return $this->what === SubstanceGroup::Oil ? $strengths->oily() : $strengths->in($this->what);
    }

    public function code(): string
    {
        return "{$this->what->value}-strength";
    }

    /** The most that is still within: a strictly lower limit is kept a hair under. */
    public function highest(): float
    {
        return $this->below ? $this->limit->value * (1 - 1e-6) : $this->limit->value;
    }

    public function level(float $percent): Level
    {
        $within = $this->below
            ? $percent < $this->limit->value * (1 - self::ROUNDING)
            : $percent <= $this->limit->value * (1 + self::ROUNDING);

        return match (true) {
            $within => Level::Ok,
            $percent <= $this->stop * (1 + self::ROUNDING) || $this->worst === Level::Caution => Level::Caution,
            default => Level::Stop,
        };
    }

    public function verdict(float $percent): Verdict
    {
        $level = $this->level($percent);

        return new Verdict(
            $this->code(),
            $level,
            "{$this->what->value}-{$level->value}",
            ['percent' => $percent, 'limit' => $this->limit->value, 'onto' => $this->onto],
            $this->limit->source,
        );
    }
}
