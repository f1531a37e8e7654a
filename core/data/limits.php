<?php

declare(strict_types=1);

$percent = static fn(float $value, string $source): array => ['value' => $value, 'unit' => '%', 'source' => $source];

/*
 * The limits that decide a verdict. v/v for liquids, w/v (g per 100 mL) for soda.
 */
return [
    'oil-leaf' => $percent(2, 'extension-oil'),
    // Drenches in practice hold 0.39 to 1.52 % of oil.
    'oil-drench' => $percent(1.6, 'practice'),
    'oil-dormant' => $percent(4, 'extension-oil'),
    // Above this many times its limit, oil is a stop and no longer a caution.
    'oil-stop-factor' => ['value' => 1.5, 'unit' => '1', 'source' => 'house'],
    'soda-leaf' => $percent(1, 'house'),
    'soda-leaf-stop' => $percent(1.5, 'house'),
    'alcohol-leaf' => $percent(40, 'practice'),
    'soap-leaf' => $percent(2, 'handbook-soap'),
    'soap-leaf-stop' => $percent(4, 'house'),
    // Practice masks with 0.13 to 0.28 % of essential oil; the line above that is ours.
    'essential-leaf' => $percent(0.3, 'house'),
    'essential-leaf-stop' => $percent(0.6, 'house'),
    'peroxide-leaf' => $percent(1, 'house'),
    'peroxide-leaf-stop' => $percent(3, 'house'),
    'oil-hot' => ['value' => 32, 'unit' => 'Cel', 'source' => 'extension-oil-weather'],
    'oil-cold' => ['value' => 4, 'unit' => 'Cel', 'source' => 'extension-oil-weather'],
    'soap-warm' => ['value' => 27, 'unit' => 'Cel', 'source' => 'practice'],
    // What a leaf gets in seven days: 1 % may be repeated after a week, 2 % not.
    'oil-a-week' => $percent(1.1, 'practice'),
    'oil-a-week-stop' => $percent(4, 'house'),
];
