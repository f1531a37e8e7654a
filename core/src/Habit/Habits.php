<?php

declare(strict_types=1);

namespace IdleMixer\Core\Habit;

/**
 * How a household writes hours, days, numbers and the weather. Everything is reckoned in °C, km/h and mm; this is about
 * what people read, and nothing is decided by it.
 */
final readonly class Habits
{
    public function __construct(
        public Clock $clock = Clock::TwentyFour,
        public Warmth $warmth = Warmth::Celsius,
        public WindSpeed $wind = WindSpeed::KilometresAnHour,
        public RainDepth $rain = RainDepth::Millimetres,
        public DecimalSign $decimal = DecimalSign::Point,
        public DateOrder $dates = DateOrder::DayFirst,
    ) {}

    /** “24 C km/h mm point day-first”: as it is kept, and as a device tells it. */
    public function code(): string
    {
        return implode(' ', [$this->clock->value, $this->warmth->value, $this->wind->value, $this->rain->value, $this->decimal->value, $this->dates->value]);
    }

    /** @return self|null null where that is no such code */
    public static function ofCode(string $code): ?self
    {
        [$clock, $warmth, $wind, $rain, $decimal, $dates, $more] = [...explode(' ', $code), '', '', '', '', '', '', ''];
        if ($more !== '') {
            return null;
        }
        $clock = Clock::tryFrom($clock);
        $warmth = Warmth::tryFrom($warmth);
        $wind = WindSpeed::tryFrom($wind);
        $rain = RainDepth::tryFrom($rain);
        $decimal = DecimalSign::tryFrom($decimal);
        $dates = DateOrder::tryFrom($dates);

        return $clock === null || $warmth === null || $wind === null || $rain === null || $decimal === null || $dates === null
            ? null
            : new self($clock, $warmth, $wind, $rain, $decimal, $dates);
    }
}
