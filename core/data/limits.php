<?php

declare(strict_types=1);

$percent = static fn(float $value, string $source): array => ['value' => $value, 'unit' => '%', 'source' => $source];

/*
 * The limits that decide a verdict. v/v for liquids, w/v (g per 100 mL) for soda.
 */
return [
    'oil-leaf' => $percent(2, 'extension-oil'),
    'oil-dormant' => $percent(4, 'extension-oil'),
    // Above this many times its limit, oil is a stop and no longer a caution.
    'oil-stop-factor' => ['value' => 1.5, 'unit' => '1', 'source' => 'house'],
    'soda-leaf' => $percent(1, 'house'),
    'soda-leaf-stop' => $percent(1.5, 'house'),
    'alcohol-leaf' => $percent(40, 'practice'),
    'soap-leaf' => $percent(2, 'handbook-soap'),
    'soap-leaf-stop' => $percent(4, 'house'),
];
