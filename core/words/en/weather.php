<?php

declare(strict_types=1);

return [
    'door-reader.there-are-two-temperatures-here' => 'There are two temperatures here; {found} is the second. Say one, like “24 C, breeze, dry”.',
    'door-reader.says-nothing-of-weather-here' => '{found} says nothing of the weather here. Known are {known}.',
    'door-reader.how-warm-say-like-24' => 'How warm is it? Say it like “24 C, breeze, dry” or “75 F, still, sunny”.',
    'door-reader.expected-to-c-found' => 'Expected {coldest-air} to {hottest-air} °C, found {found}.',
    'exposure.full-sun' => 'full sun',
    'exposure.half-shade' => 'half shade',
    'exposure.shade' => 'the shade',
    'hours-file.file-not-written-in-utf' => 'The file is not written in UTF-8.',
    'hours-file.first-line-names-columns-none' => 'The first line names the columns {columns}; {found} is none of them.',
    'hours-file.at-most-hours-may-stand' => 'At most {most-hours} hours may stand in one file, found {found}.',
    'hours-file.this-line-has-more-cells' => 'This line has more cells than the first one has names.',
    'weather-reader.degrees-of-latitude' => 'degrees of latitude',
    'weather-reader.degrees-of-longitude' => 'degrees of longitude',
    'weather-reader.no-time-zone-expected-name' => '{found} is no time zone; expected a name like Europe/Berlin or UTC.',
    'weather-reader.hours-must-stand-in-order' => 'The hours must stand in order, each once; {found} is not after the one before it.',
    'weather-reader.expected-time-of-day-like' => 'Expected a time of day like 06:00, found {found}.',
    'weather-reader.expected-to-found' => 'Expected {low} to {high} {unit}, found {found}.',
];
