<?php

declare(strict_types=1);

namespace IdleMixer\Core\Leaf;

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
            self::Sunny => 'strong sun',
            self::Hot => 'hot, over 32 °C',
            self::Rain => 'rain on the leaves',
            self::Cold => 'cold, under 10 °C',
        };
    }
}
