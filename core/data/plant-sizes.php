<?php

declare(strict_types=1);

/*
 * Spray that a plant takes until it runs off, both sides of every leaf, in mL. Our own figures, to start from:
 * a trial with plain water on one of them, or what was used last time, is better.
 */
$takes = static fn(string $words, float $ml): array => ['words' => $words, 'value' => $ml, 'unit' => 'mL', 'source' => 'house'];

return [
    'seedling' => $takes('seedlings and small pots, to a hand high', 15),
    'pot' => $takes('pot plants, to the knee', 75),
    'bush' => $takes('bushes and tomatoes, to the hip', 250),
    'shrub' => $takes('shrubs, to the shoulder', 600),
    'tall' => $takes('tall shrubs and espaliers, to 2 m', 1200),
    'tree' => $takes('small trees, to 3 m', 3000),
];
