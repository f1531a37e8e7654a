<?php

declare(strict_types=1);

/*
 * The limits that decide a verdict, of the finished spray: v/v for liquids, w/v (g per 100 mL) for soda.
 *
 * `substance/what it goes onto` is what is still well, and with `/stop` what is too much; between the two it is a caution.
 * Where nothing is published, common practice among careful growers and the house's own caution.
 */
$rows = [];
$surfaces = ['ordinary', 'tough', 'tender', 'hairy', 'wood', 'bed', 'pot'];
$table = [
    // Most that is well, and from where it is a stop:   ordinary      tough         tender        hairy         bare wood   empty bed     planted soil
    'refined-oil' => [[2, 3], [2, 3], [1, 1.5], [1, 1.5], [4, 6], [1.6, 3], [0.5, 1]],
    'kitchen-oil' => [[1.5, 3], [2, 3], [1, 1.5], [1, 1.5], [4, 6], [1.6, 3], [0.5, 1]],
    'neem' => [[1.1, 2], [1.6, 2.5], [0.6, 1.1], [0.6, 1.1], [2, 4], [1.6, 3], [0.5, 1]],
    'true-soap' => [[2, 3], [2, 4], [1, 2], [1, 2], [2, 4], [1.5, 3], [0.5, 1.5]],
    'detergent' => [[0.5, 1], [0.5, 1], [0.25, 0.5], [0.25, 0.5], [1, 2], [0.5, 1], [0.1, 0.3]],
    'alcohol' => [[20, 40], [35, 50], [10, 20], [1, 10], [35, 60], [5, 10], [1, 5]],
    'soda' => [[0.8, 1.2], [0.9, 1.5], [0.4, 0.8], [0.4, 0.8], [1, 2], [0.3, 0.6], [0.1, 0.3]],
    'essential-oil' => [[0.3, 0.6], [0.3, 0.6], [0.2, 0.4], [0.2, 0.4], [0.5, 1], [0.3, 1], [0.1, 0.3]],
    'peroxide' => [[1, 3], [1, 3], [0.5, 1.5], [0.5, 1.5], [3, 5], [1, 3], [0.3, 1]],
];
$published = ['refined-oil/ordinary' => 'extension-oil', 'refined-oil/tough' => 'extension-oil', 'refined-oil/wood' => 'extension-oil', 'true-soap/ordinary' => 'handbook-soap', 'true-soap/tough' => 'handbook-soap'];
foreach ($table as $substance => $columns) {
    foreach ($columns as $i => [$well, $stop]) {
        $code = "{$substance}/{$surfaces[$i]}";
        $rows[$code] = ['value' => $well, 'unit' => $substance === 'soda' ? 'g/100 mL' : '%', 'source' => $published[$code] ?? 'practice'];
        $rows["{$code}/stop"] = ['value' => $stop, 'unit' => $rows[$code]['unit'], 'source' => 'house'];
    }
}
$percent = static fn(float $value, string $source): array => ['value' => $value, 'unit' => '%', 'source' => $source];

return $rows + [
    // Saponin and polysorbate hold oil; more than this of them is only more residue.
    'non-ionic' => $percent(0.5, 'practice'),
    'oil-hot' => ['value' => 32, 'unit' => 'Cel', 'source' => 'extension-oil-weather'],
    'oil-cold' => ['value' => 4, 'unit' => 'Cel', 'source' => 'extension-oil-weather'],
    'soap-warm' => ['value' => 27, 'unit' => 'Cel', 'source' => 'practice'],
    'water-hot' => ['value' => 45, 'unit' => 'Cel', 'source' => 'practice'],
    // What a leaf bears in any seven days, all rounds together.
    'oil-a-week' => $percent(1.6, 'practice'),
    'oil-a-week-stop' => $percent(4, 'house'),
    'essential-a-week' => $percent(0.6, 'practice'),
    'essential-a-week-stop' => $percent(1.2, 'house'),
    // Less than this of what is to kill does nothing.
    'weak-soap' => $percent(0.5, 'practice'),
    'weak-soap-water' => $percent(0.1, 'practice'),
    'weak-detergent' => $percent(0.2, 'practice'),
    'weak-oil' => $percent(0.3, 'practice'),
    'weak-neem' => $percent(0.15, 'practice'),
    'weak-alcohol' => $percent(10, 'practice'),
    'weak-soda' => ['value' => 0.3, 'unit' => 'g/100 mL', 'source' => 'practice'],
    'weak-essential-oil' => $percent(0.1, 'practice'),
];
