<?php

declare(strict_types=1);

return [
    'bottle-age.peroxide' => 'Open for {days} days: open peroxide fades, to half in half a year. By now it holds some {percent} %, which may be too weak.',
    'bottle-age.neem' => 'Open for over a year: old neem still smothers, but may not stop insects from feeding. Take a fresh bottle where that counts.',
    'bottle-age.soap' => 'Open for over two years: stringy or parted soap holds oil badly. Shake a little with water: it should foam.',
];
