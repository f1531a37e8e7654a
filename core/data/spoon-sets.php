<?php

declare(strict_types=1);

/*
 * Sets that a household owns whole: each measure by its name, what it holds, its kind and the step of its marks. Which spoons
 * make a set is common practice, no source.
 */
return [
    'us' => ['name' => 'US kitchen spoons', 'measures' => [
        ['name' => 'Tablespoon', 'amount' => 1.0, 'unit' => '[tbs_us]', 'kind' => 'level', 'step' => null],
        ['name' => 'Teaspoon', 'amount' => 1.0, 'unit' => '[tsp_us]', 'kind' => 'level', 'step' => null],
        ['name' => 'Half teaspoon', 'amount' => 0.5, 'unit' => '[tsp_us]', 'kind' => 'level', 'step' => null],
        ['name' => 'Quarter teaspoon', 'amount' => 0.25, 'unit' => '[tsp_us]', 'kind' => 'level', 'step' => null],
    ]],
    'us-cups' => ['name' => 'US cups', 'measures' => [
        ['name' => 'Cup', 'amount' => 1.0, 'unit' => '[cup_us]', 'kind' => 'level', 'step' => null],
        ['name' => 'Half cup', 'amount' => 0.5, 'unit' => '[cup_us]', 'kind' => 'level', 'step' => null],
        ['name' => 'Quarter cup', 'amount' => 0.25, 'unit' => '[cup_us]', 'kind' => 'level', 'step' => null],
    ]],
    'uk' => ['name' => 'UK kitchen spoons', 'measures' => [
        ['name' => 'Tablespoon', 'amount' => 15.0, 'unit' => 'mL', 'kind' => 'level', 'step' => null],
        ['name' => 'Dessertspoon', 'amount' => 10.0, 'unit' => 'mL', 'kind' => 'level', 'step' => null],
        ['name' => 'Teaspoon', 'amount' => 5.0, 'unit' => 'mL', 'kind' => 'level', 'step' => null],
        ['name' => 'Half teaspoon', 'amount' => 2.5, 'unit' => 'mL', 'kind' => 'level', 'step' => null],
        ['name' => 'Quarter teaspoon', 'amount' => 1.25, 'unit' => 'mL', 'kind' => 'level', 'step' => null],
    ]],
    'au' => ['name' => 'Australian kitchen spoons', 'measures' => [
        ['name' => 'Tablespoon', 'amount' => 20.0, 'unit' => 'mL', 'kind' => 'level', 'step' => null],
        ['name' => 'Teaspoon', 'amount' => 5.0, 'unit' => 'mL', 'kind' => 'level', 'step' => null],
        ['name' => 'Half teaspoon', 'amount' => 2.5, 'unit' => 'mL', 'kind' => 'level', 'step' => null],
        ['name' => 'Quarter teaspoon', 'amount' => 1.25, 'unit' => 'mL', 'kind' => 'level', 'step' => null],
    ]],
    'au-cups' => ['name' => 'Australian cups', 'measures' => [
        ['name' => 'Cup', 'amount' => 250.0, 'unit' => 'mL', 'kind' => 'level', 'step' => null],
        ['name' => 'Half cup', 'amount' => 125.0, 'unit' => 'mL', 'kind' => 'level', 'step' => null],
        ['name' => 'Quarter cup', 'amount' => 62.5, 'unit' => 'mL', 'kind' => 'level', 'step' => null],
    ]],
    'metric' => ['name' => 'Metric spoons', 'measures' => [
        ['name' => '15 mL spoon', 'amount' => 15.0, 'unit' => 'mL', 'kind' => 'level', 'step' => null],
        ['name' => '5 mL spoon', 'amount' => 5.0, 'unit' => 'mL', 'kind' => 'level', 'step' => null],
        ['name' => '2.5 mL spoon', 'amount' => 2.5, 'unit' => 'mL', 'kind' => 'level', 'step' => null],
        ['name' => '1.25 mL spoon', 'amount' => 1.25, 'unit' => 'mL', 'kind' => 'level', 'step' => null],
    ]],
    'metric-small' => ['name' => 'Metric spoons down to 1 mL', 'measures' => [
        ['name' => '15 mL spoon', 'amount' => 15.0, 'unit' => 'mL', 'kind' => 'level', 'step' => null],
        ['name' => '5 mL spoon', 'amount' => 5.0, 'unit' => 'mL', 'kind' => 'level', 'step' => null],
        ['name' => '2 mL spoon', 'amount' => 2.0, 'unit' => 'mL', 'kind' => 'level', 'step' => null],
        ['name' => '1 mL spoon', 'amount' => 1.0, 'unit' => 'mL', 'kind' => 'level', 'step' => null],
    ]],
    'dropper' => ['name' => 'Marked dropper', 'measures' => [
        ['name' => 'Marked dropper', 'amount' => 1.0, 'unit' => 'mL', 'kind' => 'marked', 'step' => 0.1],
    ]],
    'syringe' => ['name' => 'Syringe, 10 mL', 'measures' => [
        ['name' => 'Syringe', 'amount' => 10.0, 'unit' => 'mL', 'kind' => 'marked', 'step' => 0.5],
    ]],
    'jug' => ['name' => 'Measuring jug', 'measures' => [
        ['name' => 'Measuring jug', 'amount' => 500.0, 'unit' => 'mL', 'kind' => 'marked', 'step' => 50.0],
    ]],
    'jam-jar' => ['name' => 'Jam jar, by quarters', 'measures' => [
        ['name' => 'Jam jar', 'amount' => 360.0, 'unit' => 'mL', 'kind' => 'marked', 'step' => 90.0],
    ]],
];
