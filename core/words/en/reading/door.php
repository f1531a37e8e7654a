<?php

declare(strict_types=1);

/*
 * What people say of the weather at the door, and what it is taken for: wind in km/h (Beaufort’s words, from memory), humidity and
 * cloud in percent, rain in mm an hour. Humidity and cloud are our own reading.
 */
return [
    'wind' => ['still' => 0.5, 'calm' => 0.5, 'breeze' => 10.0, 'breezy' => 14.0, 'light' => 6.0, 'windy' => 24.0, 'wind' => 24.0, 'gusty' => 30.0, 'gusts' => 30.0, 'storm' => 70.0],
    'humidity' => ['dry' => 40.0, 'humid' => 85.0, 'damp' => 88.0, 'muggy' => 88.0, 'sticky' => 85.0, 'foggy' => 98.0, 'fog' => 98.0, 'mist' => 96.0, 'misty' => 96.0, 'dew' => 97.0],
    'cloud' => ['sunny' => 5.0, 'sun' => 5.0, 'clear' => 0.0, 'bright' => 20.0, 'hazy' => 40.0, 'clouds' => 60.0, 'cloudy' => 85.0, 'overcast' => 100.0, 'grey' => 100.0, 'gray' => 100.0],
    'rain' => ['drizzle' => 0.4, 'rain' => 2.0, 'raining' => 2.0, 'rainy' => 2.0, 'shower' => 3.0, 'showers' => 3.0, 'wet' => 1.0],
    'skip' => ['and', 'a', 'an', 'with', 'some', 'it', 'is', 'no', 'air', 'bit', 'of', 'warm', 'hot', 'cold', 'cool', 'mild', 'about', 'humidity'],
];
