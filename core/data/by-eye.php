<?php

declare(strict_types=1);

/*
 * Amounts by eye, in mL from smallest to largest: what a hand that measures nothing pours. Our own ranges, set wide;
 * a household that has measured its own squirt once uses that.
 */
$range = static fn(string $words, float $low, float $high, string ...$said): array => ['words' => $words, 'low' => $low, 'high' => $high, 'said' => $said, 'source' => 'house'];

return [
    'few-drops' => $range('a few drops', 0.15, 0.5, 'a few drops', 'few drops', 'some drops', 'a couple of drops', 'a drop or two', 'couple of drops', 'couple drops', 'a couple drops'),
    'dash' => $range('a dash', 0.3, 1.0, 'a dash', 'dash', 'dashes'),
    'pinch' => $range('a pinch', 0.2, 0.6, 'a pinch', 'pinch', 'pinches'),
    'squirt' => $range('a squirt', 2.0, 6.0, 'a squirt', 'squirt', 'squirts', 'a squeeze', 'squeeze', 'squeezes'),
    'splash' => $range('a splash', 5.0, 15.0, 'a splash', 'splash', 'splashes'),
    'capful' => $range('a capful', 4.0, 12.0, 'a capful', 'capful', 'capfuls', 'a cap', 'cap', 'caps', 'a cap full', 'cap full'),
    'pump' => $range('a pump', 1.0, 3.0, 'a pump', 'pump', 'pumps'),
    'glug' => $range('a glug', 15.0, 45.0, 'a glug', 'glug', 'glugs'),
];
