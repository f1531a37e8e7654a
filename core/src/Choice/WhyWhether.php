<?php

declare(strict_types=1);

namespace IdleMixer\Core\Choice;

/** Why it is sprayed, or not. Each has its sentence in `core/words/en/whether.php`. */
enum WhyWhether: string
{
    case Many = 'many';
    case Heavy = 'heavy';
    /** It goes from plant to plant before anybody has looked again. */
    case Crowded = 'crowded';
    case Warm = 'warm';
    /** What keeps clean leaves clean begins with the first spots. */
    case FirstSpots = 'first-spots';
    case Few = 'few';
    case Enemies = 'enemies';
    case Picked = 'picked';
    case Dry = 'dry';
    case NoneWorks = 'none-works';
    case NoneNow = 'none-now';
    case Winter = 'winter';

    public function answer(): Answer
    {
        return match ($this) {
            self::Many, self::Heavy, self::Crowded, self::Warm, self::FirstSpots => Answer::Spray,
            self::Few, self::Enemies, self::Picked => Answer::NotYet,
            self::Dry => Answer::WaterFirst,
            self::NoneWorks, self::NoneNow, self::Winter => Answer::NoSpray,
        };
    }
}
