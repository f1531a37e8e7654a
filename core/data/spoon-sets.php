<?php

declare(strict_types=1);

/*
 * Sets that a household owns whole: each measure by its name, what it holds, its kind and the step of its marks. Which spoons
 * make a set is common practice, no source.
 */
return [
    'us' => ['name' => 'US kitchen spoons', 'measures' => [['Tablespoon', 1, '[tbs_us]', 'level', null], ['Teaspoon', 1, '[tsp_us]', 'level', null], ['Half teaspoon', 0.5, '[tsp_us]', 'level', null], ['Quarter teaspoon', 0.25, '[tsp_us]', 'level', null]]],
    'us-cups' => ['name' => 'US cups', 'measures' => [['Cup', 1, '[cup_us]', 'level', null], ['Half cup', 0.5, '[cup_us]', 'level', null], ['Quarter cup', 0.25, '[cup_us]', 'level', null]]],
    'metric' => ['name' => 'Metric spoons', 'measures' => [['15 mL spoon', 15, 'mL', 'level', null], ['5 mL spoon', 5, 'mL', 'level', null], ['2.5 mL spoon', 2.5, 'mL', 'level', null], ['1.25 mL spoon', 1.25, 'mL', 'level', null]]],
    'dropper' => ['name' => 'Marked dropper', 'measures' => [['Marked dropper', 1, 'mL', 'marked', 0.1]]],
    'jug' => ['name' => 'Measuring jug', 'measures' => [['Measuring jug', 500, 'mL', 'marked', 50]]],
];
