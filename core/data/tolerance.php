<?php

declare(strict_types=1);

$oil = static fn(float $value, string $source): array => ['value' => $value, 'unit' => '% v/v', 'source' => $source];

/*
 * What a spray lands on, and how much oil it bears. A class without an oil limit has no leaf to burn;
 * where no soap or alcohol limit stands, the common one of `limits.php` holds.
 */
return [
    'ordinary-leaf' => [
        'name' => 'Ordinary leaf', 'surface' => 'leaf', 'oil_limit' => $oil(2, 'extension-oil'),
        'looks_like' => 'Neither thin nor leathery: rose, dahlia, fuchsia, most garden plants.',
    ],
    'tender-leaf' => [
        'name' => 'Tender leaf', 'surface' => 'leaf', 'oil_limit' => $oil(1, 'practice'), 'soap_limit' => $oil(1, 'house'), 'alcohol_limit' => $oil(20, 'house'),
        'looks_like' => 'Thin, new, droughted, freshly moved, or a seedling; ferns.',
    ],
    'hairy-leaf' => [
        'name' => 'Hairy leaf', 'wilts_by_alcohol' => true, 'surface' => 'leaf', 'oil_limit' => $oil(1, 'practice'), 'soap_limit' => $oil(1, 'house'), 'alcohol_limit' => $oil(1, 'house'),
        'looks_like' => 'Fuzzy or felted to the touch; alcohol wilts it for good.',
    ],
    'waxy-bloom-leaf' => [
        'name' => 'Leaf with waxy bloom', 'has_bloom' => true, 'surface' => 'leaf', 'oil_limit' => $oil(1, 'practice'), 'soap_limit' => $oil(1, 'house'), 'alcohol_limit' => $oil(20, 'house'),
        'looks_like' => 'Blue or silvery powder that a fingertip wipes off; oil and soap strip it.',
    ],
    'wounded-leaf' => [
        'name' => 'Grazed or wounded leaf', 'wounded' => true, 'surface' => 'leaf', 'oil_limit' => $oil(1, 'practice'), 'soap_limit' => $oil(1, 'house'), 'alcohol_limit' => $oil(20, 'house'),
        'looks_like' => 'Scratched, chewed or torn: it soaks up oil and turns dark.',
    ],
    'tough-leaf' => [
        'name' => 'Tough, glossy leaf', 'surface' => 'leaf', 'oil_limit' => $oil(2, 'extension-oil'),
        'looks_like' => 'Thick and shining: bay, lemon, camellia.',
    ],
    'dormant-wood' => [
        'name' => 'Bare dormant wood', 'surface' => 'wood', 'oil_limit' => $oil(4, 'extension-oil'),
        'looks_like' => 'No leaf out and no bud breaking.',
    ],
    'soil' => [
        'name' => 'Soil', 'surface' => 'soil',
        'looks_like' => 'An empty bed or the compost of a pot; no leaf is wetted.',
    ],
];
