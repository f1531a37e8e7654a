<?php

declare(strict_types=1);

namespace IdleMixer\Core\Weather;

/** What may speak against an hour. Each has its sentence in `core/words/en/hours.php`, one by weight where it weighs differently. */
enum HourFinding: string
{
    case Bloom = 'bloom';
    case Sun = 'sun';
    case SunSoon = 'sun-soon';
    case Lights = 'lights';
    case LightsSoon = 'lights-soon';
    case Dark = 'dark';
    case DarkSoon = 'dark-soon';
    case Hot = 'hot';
    case Warm = 'warm';
    case Cold = 'cold';
    case Cool = 'cool';
    case Still = 'still';
    case Frost = 'frost';
    case FrostUnknown = 'frost-unknown';
    case Raining = 'raining';
    case Wet = 'wet';
    case RainSoon = 'rain-soon';
    case Windy = 'windy';
    case DriesTooFast = 'dries-too-fast';
    case DriesSlowly = 'dries-slowly';
    case Dew = 'dew';
}
