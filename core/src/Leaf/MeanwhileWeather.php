<?php

declare(strict_types=1);

namespace IdleMixer\Core\Leaf;

use IdleMixer\Core\Words\Say;

/** What it was like while the leaves waited: it may have hurt them, or washed the spray off. */
enum MeanwhileWeather: string
{
    case Cloudy = 'cloudy';
    case Sunny = 'sunny';
    case Hot = 'hot';
    case Rain = 'rain';
    case Cold = 'cold';

    public function words(): string
    {
        return match ($this) {
            self::Cloudy => 'cloudy',
            self::Sunny => Say::it('leaf/meanwhile-weather.sunny'),
            self::Hot => Say::it('leaf/meanwhile-weather.hot'),
            self::Rain => Say::it('leaf/meanwhile-weather.rain'),
            self::Cold => Say::it('leaf/meanwhile-weather.cold'),
        };
    }
}
