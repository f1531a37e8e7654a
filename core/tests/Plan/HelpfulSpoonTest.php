<?php

declare(strict_types=1);

use IdleMixer\Core\Plan\HelpfulSpoon;
use IdleMixer\Core\Tests\Support\Plans;
use IdleMixer\Core\Wording\Measures;

/*
 * By hand, in US spoons: a tablespoon is 14.79 mL, a teaspoon 4.93 mL, half a cup 118.3 mL. Plain soap takes 9.46 mL a quart, neem by the
 * gallon two tablespoons a gallon, the neem leaf spray six teaspoons and two to a gallon. Within 5 % is true enough; three moves saved are
 * worth a spoon (the house's own line).
 */
it('names the one spoon that is missing most', function (string $slug, float $amount, string $unit, array $spoons, ?string $spoon, array $closer, int $saved): void {
    $measures = array_map(static fn(mixed $one): mixed => is_array($one) ? ['amount' => $one[0], 'unit' => $one[1]] : $one, $spoons);
    $found = HelpfulSpoon::of(Plans::shipped($slug, $amount, $unit, ['measures' => $measures]));
    expect($found === null ? null : Measures::measure($found->measure))->toBe($spoon)
        ->and($found->closer ?? [])->toBe($closer)
        ->and($found->saved ?? 0)->toBe($saved);
})->with([
    'two teaspoons, where there is a tablespoon only' => ['plain-soap', 1.0, '[qt_us]', [[1, '[tbs_us]']], '1 tsp', ['castile soap'], 0],
    'two teaspoons are there' => ['plain-soap', 1.0, '[qt_us]', [[1, '[tsp_us]']], null, [], 0],
    'twenty-three quarters become two tablespoons' => ['neem-by-the-gallon', 1.0, '[gal_us]', [[0.25, '[tsp_us]']], '1 tbsp', [], 21],
    'six teaspoons become two tablespoons' => ['neem-by-the-gallon', 1.0, '[gal_us]', [[1, '[tsp_us]']], '1 tbsp', [], 4],
    'three teaspoons become one tablespoon: not worth it' => ['neem-by-the-gallon', 0.5, '[gal_us]', [[1, '[tsp_us]']], null, [], 0],
    'one line is true, the other is not' => ['neem-leaf-quart', 1.0, '[gal_us]', [[1, '[tbs_us]']], '1 tsp', ['castile soap'], 0],
    'ten tablespoons become half a cup and two' => ['neem-by-the-gallon', 5.0, '[gal_us]', [[1, '[tbs_us]']], '½ cup', [], 7],
    'half a cup is there' => ['neem-by-the-gallon', 5.0, '[gal_us]', [[1, '[tbs_us]'], [0.5, '[cup_us]']], null, [], 0],
]);
