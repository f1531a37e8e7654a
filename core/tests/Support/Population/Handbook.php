<?php

declare(strict_types=1);

namespace IdleMixer\Core\Tests\Support\Population;

/**
 * How fast what multiplies develops and doubles, as handbooks of plant protection and life tables under glass have it; from memory, so as
 * ranges: trouble, °C day and night, days from egg (or birth) to adult, days in which numbers double where nothing eats them.
 */
final class Handbook
{
    public const ROWS = [
        ['spider-mites', 15.0, [30.0, 40.0], [7.0, 13.0]],
        ['spider-mites', 20.0, [14.0, 21.0], [4.0, 7.0]],
        ['spider-mites', 25.0, [9.0, 12.0], [2.0, 5.0]],
        ['spider-mites', 30.0, [6.0, 8.0], [1.5, 3.0]],
        ['aphids', 15.0, [12.0, 16.0], [3.0, 5.5]],
        ['aphids', 20.0, [9.0, 11.0], [2.0, 4.0]],
        ['aphids', 25.0, [6.0, 8.0], [1.6, 3.0]],
        ['whitefly', 18.0, [34.0, 42.0], [9.0, 14.0]],
        ['whitefly', 22.0, [24.0, 30.0], [6.0, 10.0]],
        ['whitefly', 26.0, [18.0, 24.0], [4.5, 8.0]],
        ['mealybugs', 20.0, [45.0, 60.0], [10.0, 18.0]],
        ['mealybugs', 25.0, [28.0, 40.0], [6.0, 12.0]],
        ['mealybugs', 28.0, [25.0, 32.0], [5.0, 9.0]],
        ['thrips', 20.0, [17.0, 22.0], [6.0, 10.0]],
        ['thrips', 25.0, [11.0, 15.0], [4.0, 8.0]],
        ['thrips', 30.0, [9.0, 12.0], [3.0, 5.0]],
        ['leaf-beetles', 20.0, [38.0, 55.0], [10.0, 20.0]],
        ['leaf-beetles', 25.0, [25.0, 32.0], [6.0, 12.0]],
        ['leaf-beetles', 28.0, [20.0, 27.0], [5.0, 10.0]],
        ['scale', 20.0, [65.0, 100.0], [20.0, 40.0]],
        ['scale', 25.0, [50.0, 65.0], [14.0, 26.0]],
        ['scale', 28.0, [40.0, 55.0], [11.0, 22.0]],
    ];

    /** Too cold, or so hot that nothing develops any more: nothing doubles. */
    public const STILL = [['spider-mites', 10.0], ['spider-mites', 42.0], ['aphids', 3.0], ['aphids', 35.0], ['whitefly', 7.0], ['whitefly', 38.0], ['mealybugs', 8.0], ['thrips', 8.0], ['leaf-beetles', 11.0], ['scale', 9.0]];

    /**
     * Programmes of practice, common practice, no source: trouble, °C, the days of its rounds, what a good round with the usual means takes of
     * eggs, young, resting and adults, and whether that ends it. Eggs survive soap and alcohol; resting ones no spray touches.
     */
    public const PROGRAMMES = [
        'mealybugs by hand and alcohol, seven times' => ['mealybugs', 22.0, [0, 7, 17, 24, 34, 41, 51], ['young' => 0.95, 'adult' => 0.95], true],
        'mealybugs, three times' => ['mealybugs', 22.0, [0, 7, 14], ['young' => 0.95, 'adult' => 0.95], false],
        'mites weekly with oil, three times' => ['spider-mites', 20.0, [0, 7, 14], ['egg' => 0.8, 'young' => 0.95, 'adult' => 0.95], true],
        'mites once' => ['spider-mites', 20.0, [0], ['egg' => 0.8, 'young' => 0.95, 'adult' => 0.95], false],
        'mites weekly with soap, which spares eggs, and stopped at the first quiet week' => ['spider-mites', 25.0, [0], ['young' => 0.95, 'adult' => 0.95], false],
        'whitefly at five days for twenty-five days' => ['whitefly', 22.0, [0, 5, 10, 15, 20, 25], ['young' => 0.9, 'adult' => 0.9], true],
        'whitefly twice' => ['whitefly', 22.0, [0, 5], ['young' => 0.9, 'adult' => 0.9], false],
        'aphids twice, three days apart' => ['aphids', 20.0, [0, 3], ['young' => 0.97, 'adult' => 0.97], true],
    ];
}
