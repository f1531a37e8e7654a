<?php

declare(strict_types=1);

namespace IdleMixer\Core\Weather;

use IdleMixer\Core\Data\WeatherLines;
use IdleMixer\Core\Words\Say;

/** How much sun falls where the plant stands. */
enum Exposure: string
{
    case FullSun = 'full-sun';
    case HalfShade = 'half-shade';
    case Shade = 'shade';

    /** Share of the light of the open sky. */
    public function share(): float
    {
        return match ($this) {
            self::FullSun => 1.0,
            self::HalfShade => WeatherLines::HALF_SHADE['value'],
            self::Shade => WeatherLines::SHADE['value'],
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::FullSun => Say::it('weather/exposure.full-sun'),
            self::HalfShade => Say::it('weather/exposure.half-shade'),
            self::Shade => Say::it('weather/exposure.shade'),
        };
    }
}
