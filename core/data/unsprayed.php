<?php

declare(strict_types=1);

/*
 * What a pest does in a week where nobody sprays: the share that is left when enemies, weather and its own course take the most,
 * and the share that it grows to when nothing holds it. Outdoors and in together, so the range is wide. Which go by themselves
 * (aphids, slugs, caterpillars that pupate, gnats in drying soil, spots in dry weather) and which never do (wax, shields, wood)
 * is common practice; the figures are our own reading of it.
 */
$week = static fn(float $least, float $most): array => ['least' => $least, 'most' => $most, 'unit' => '1', 'source' => 'house'];

return [
    'aphids' => $week(0.2, 5.0),
    'mealybugs' => $week(0.8, 1.6),
    'spider-mites' => $week(0.5, 4.0),
    'flat-mites' => $week(0.8, 1.6),
    'scale' => $week(0.9, 1.3),
    'whitefly' => $week(0.6, 2.0),
    'thrips' => $week(0.5, 2.5),
    'leaf-beetles' => $week(0.3, 2.0),
    'caterpillars' => $week(0.2, 1.5),
    'slugs' => $week(0.1, 5.0),
    'fungus-gnats' => $week(0.3, 2.0),
    'grubs' => $week(0.8, 1.2),
    'blister-mites' => $week(0.9, 1.2),
    'overwintering-eggs' => $week(0.95, 1.0),
    'powdery-mildew' => $week(0.4, 3.0),
    'early-blight' => $week(0.3, 4.0),
    'black-spot' => $week(0.3, 4.0),
    'rust' => $week(0.3, 4.0),
    'leaf-miner' => $week(0.4, 2.0),
    'broad-mites' => $week(0.6, 3.0),
];
