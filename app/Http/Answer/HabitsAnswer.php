<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;
use IdleMixer\Core\Document\HabitsNode;
use IdleMixer\Core\Habit\Clock;
use IdleMixer\Core\Habit\DateOrder;
use IdleMixer\Core\Habit\DecimalSign;
use IdleMixer\Core\Habit\Habits;
use IdleMixer\Core\Habit\RainDepth;
use IdleMixer\Core\Habit\Warmth;
use IdleMixer\Core\Habit\WindSpeed;

/** How hours, days, numbers and the weather are written. */
final readonly class HabitsAnswer
{
    public function __construct(
        #[Shape(of: Clock::class)]
        public string $clock,
        #[Shape(of: Warmth::class)]
        public string $warmth,
        #[Shape(of: WindSpeed::class)]
        public string $wind,
        #[Shape(of: RainDepth::class)]
        public string $rain,
        #[Shape(of: DecimalSign::class)]
        public string $decimal,
        #[Shape(of: DateOrder::class)]
        public string $dates,
    ) {}

    public static function of(Habits $habits): self
    {
        return new self(...HabitsNode::told($habits));
    }
}
