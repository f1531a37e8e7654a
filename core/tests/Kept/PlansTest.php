<?php

declare(strict_types=1);

use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Tests\Support\Kept;
use IdleMixer\Core\Tests\Support\Plans;
use IdleMixer\Core\Writing\PlanWriter;

/** Waters, plants, amounts and hands that take turns, so that every recipe meets several and the whole meets them all. */
const KEPT_BENCHES = [
    ['make' => ['amount' => 1, 'unit' => '[gal_us]'], 'plant' => 'ordinary-leaf', 'water' => ['hardness' => ['amount' => 250, 'unit' => 'mg/L'], 'temperature' => ['amount' => 12, 'unit' => 'Cel']]],
    ['make' => ['amount' => 750, 'unit' => 'mL'], 'plant' => 'tender-leaf', 'sprayer' => ['amount' => 500, 'unit' => 'mL'], 'water' => ['hardness' => ['amount' => 5, 'unit' => 'mg/L']]],
    ['make' => ['amount' => 5, 'unit' => 'L'], 'plant' => 'waxy-bloom-leaf', 'sprayer' => ['amount' => 2, 'unit' => 'L'], 'factor' => 1.5],
    ['make' => ['amount' => 32, 'unit' => '[foz_us]'], 'plant' => 'hairy-leaf', 'highEnd' => true],
    ['make' => ['amount' => 2, 'unit' => 'L'], 'plant' => 'dormant-wood'],
];

it('plans every shipped recipe as it was read through', function (string $slug): void {
    $writer = PlanWriter::shipped();
    $nth = array_search($slug, RecipeCatalogue::shipped()->slugs(), true);
    $plans = [];
    foreach ([0, 1 + ((int) $nth % (count(KEPT_BENCHES) - 1))] as $i) {
        $plans[] = $writer->write(Plans::of(['recipe' => $slug, ...KEPT_BENCHES[$i]]));
    }
    expect(Kept::change("plan-{$slug}", $plans))->toBe('');
})->with(RecipeCatalogue::shipped()->slugs());
