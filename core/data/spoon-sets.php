<?php

declare(strict_types=1);

/*
 * Sets that a household owns whole: each measure by its name, what it holds, its kind and the step of its marks. Which spoons
 * make a set is common practice, no source.
 */
return [
    'us' => ['name' => 'US kitchen spoons', 'measures' => [['name' => 'Tablespoon', 'amount' => 1.0, 'unit' => '[tbs_us]', 'kind' => 'level', 'step' => null], ['name' => 'Teaspoon', 'amount' => 1.0, 'unit' => '[tsp_us]', 'kind' => 'level', 'step' => null], ['name' => 'Half teaspoon', 'amount' => 0.5, 'unit' => '[tsp_us]', 'kind' => 'level', 'step' => null], ['name' => 'Quarter teaspoon', 'amount' => 0.25, 'unit' => '[tsp_us]', 'kind' => 'level', 'step' => null]]],
    'us-cups' => ['name' => 'US cups', 'measures' => [['name' => 'Cup', 'amount' => 1.0, 'unit' => '[cup_us]', 'kind' => 'level', 'step' => null], ['name' => 'Half cup', 'amount' => 0.5, 'unit' => '[cup_us]', 'kind' => 'level', 'step' => null], ['name' => 'Quarter cup', 'amount' => 0.25, 'unit' => '[cup_us]', 'kind' => 'level', 'step' => null]]],
    'metric' => ['name' => 'Metric spoons', 'measures' => [['name' => '15 mL spoon', 'amount' => 15.0, 'unit' => 'mL', 'kind' => 'level', 'step' => null], ['name' => '5 mL spoon', 'amount' => 5.0, 'unit' => 'mL', 'kind' => 'level', 'step' => null], ['name' => '2.5 mL spoon', 'amount' => 2.5, 'unit' => 'mL', 'kind' => 'level', 'step' => null], ['name' => '1.25 mL spoon', 'amount' => 1.25, 'unit' => 'mL', 'kind' => 'level', 'step' => null]]],
    'dropper' => ['name' => 'Marked dropper', 'measures' => [['name' => 'Marked dropper', 'amount' => 1.0, 'unit' => 'mL', 'kind' => 'marked', 'step' => 0.1]]],
    'jug' => ['name' => 'Measuring jug', 'measures' => [['name' => 'Measuring jug', 'amount' => 500.0, 'unit' => 'mL', 'kind' => 'marked', 'step' => 50.0]]],
];
