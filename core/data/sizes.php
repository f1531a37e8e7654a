<?php

declare(strict_types=1);

/*
 * What “heaped” or “good” makes of a spoon or a squirt: from so many times to so many times of it. `spoon` for powders in spoons, `liquid`
 * for liquids in spoons (which cannot be heaped, only brimming), `eye` for amounts by eye. Our own ranges, set wide, no source.
 */
$size = static fn(string $words, array $spoon, array $liquid, array $eye, string ...$said): array => ['words' => $words, 'spoon' => $spoon, 'liquid' => $liquid, 'eye' => $eye, 'said' => $said, 'source' => 'house'];

return [
    'heaped' => $size('heaped', [1.5, 2.5], [1.0, 1.25], [1.5, 2.5], 'heaped', 'heaping'),
    'rounded' => $size('rounded', [1.25, 1.75], [1.0, 1.25], [1.25, 1.75], 'rounded'),
    'scant' => $size('scant', [0.8, 1.0], [0.8, 1.0], [0.8, 1.0], 'scant', 'short'),
    'generous' => $size('generous', [1.0, 1.5], [1.0, 1.25], [1.5, 1.5], 'generous', 'good', 'big', 'large', 'decent', 'hefty'),
    'small' => $size('small', [0.5, 1.0], [0.5, 1.0], [0.5, 0.6666666667], 'small', 'little', 'tiny'),
];
