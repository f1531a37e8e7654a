<?php

declare(strict_types=1);

namespace IdleMixer\Core\Safety;

use IdleMixer\Core\Ingredient\Substance;
use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Source\Sourced;

/** The most of one substance that a surface bears, in percent of the finished spray (soda: g per 100 mL). */
final readonly class Ceiling implements Bound
{
    /** Share by which a strength may touch its limit and still count as within it: rounding of the arithmetic. */
    public const ROUNDING = 1e-9;

    public function __construct(
        public Substance $what,
        public Sourced $limit,
        /** Above this it is a stop and no longer a caution; null where it never is. */
        public ?Sourced $stop,
        /** What it goes onto, in words. */
        public string $onto,
    ) {}

    public function times(Strengths $strengths): float
    {
        return $strengths->percent($this->what) / $this->limit->value;
    }

    public function level(Strengths $strengths): Level
    {
        return $this->levelOf($strengths->percent($this->what));
    }

    public function verdict(Strengths $strengths): ?Verdict
    {
        $percent = $strengths->percent($this->what);
        $level = $this->levelOf($percent);

        return $percent <= 0.0 || ($this->stop === null && $level === Level::Ok) ? null : Verdict::of(
            StrengthFinding::of($this->what, $level),
            ['percent' => $percent, 'limit' => $this->limit->value, 'stop' => $this->stop->value ?? 0.0, 'onto' => $this->onto, 'what' => $this->what->words(), 'unit' => $this->what->unit()],
            $level === Level::Stop && $this->stop !== null ? $this->stop->source : $this->limit->source,
        );
    }

    private function levelOf(float $percent): Level
    {
        return match (true) {
            $percent <= $this->limit->value * (1 + self::ROUNDING) => Level::Ok,
            $this->stop === null || $percent <= $this->stop->value * (1 + self::ROUNDING) => Level::Caution,
            default => Level::Stop,
        };
    }
}
