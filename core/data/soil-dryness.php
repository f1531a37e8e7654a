<?php

declare(strict_types=1);

/*
 * Water that soil takes up before it drains, as a share of its volume. A loam holds about 0.15 to 0.2 between wilting and draining
 * (order of magnitude from soil handbooks, from memory); the steps are our own.
 */
$takes = static fn(string $words, float $share): array => ['words' => $words, 'value' => $share, 'unit' => '1', 'source' => 'house'];

return [
    'dry' => $takes('dust dry', 0.18),
    'dryish' => $takes('dry on top, cool below', 0.10),
    'moist' => $takes('moist', 0.05),
];
