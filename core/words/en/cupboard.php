<?php

declare(strict_types=1);

return [
    'bottle-age.peroxide' => 'Open for {days} days: peroxide fades once it is open, to half in about half a year (common practice, no source). By now it holds about {percent} %: what is mixed of it may be too weak.',
    'bottle-age.neem' => 'Open for over a year: old neem still smothers, and may no longer put insects off their feed (common practice, no source). Take a fresh bottle where that counts; shake it and look that it is clear when warm.',
    'bottle-age.soap' => 'Open for over two years: where soap has gone stringy or has parted, it holds oil badly (common practice, no source). Shake a little with water: it should foam.',
];
