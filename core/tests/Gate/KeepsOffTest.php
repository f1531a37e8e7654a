<?php

declare(strict_types=1);

use IdleMixer\Core\Course\CourseMethods;
use IdleMixer\Core\Plant\PlantNow;
use IdleMixer\Core\Plant\Site;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Recipe\RecipeCatalogue;

/*
 * What flowers and thirst keep off a plant until they are over, as a course is told it: common practice, no source. Bees visit what flowers
 * outdoors; what is dabbed or poured reaches no flower; thirsty leaves burn under oil, soap, alcohol and soda, and peroxide is water to them.
 */
it('waits for flowers and for water', function (string $slug, string $leaf, Site $site, bool $flowers, bool $water): void {
    $is = new PlantNow(ToleranceCatalogue::shipped()->get($leaf), site: $site);
    $method = CourseMethods::shipped()->of(RecipeCatalogue::shipped()->get($slug), null, null, $is);
    expect([$method->waitsForFlowers, $method->waitsForWater])->toBe([$flowers, $water]);
})->with([
    'soap on a rose' => ['plain-soap', 'ordinary-leaf', Site::Outdoors, true, true],
    'soap on a sill' => ['plain-soap', 'ordinary-leaf', Site::Indoors, false, true],
    'neem on a rose' => ['neem-leaf-quart', 'tough-leaf', Site::Outdoors, true, true],
    'soda' => ['soda-leaf-spray', 'ordinary-leaf', Site::Outdoors, true, true],
    'peroxide' => ['peroxide-in-turn', 'ordinary-leaf', Site::Outdoors, true, false],
    'a swab' => ['half-alcohol-swab', 'ordinary-leaf', Site::Outdoors, false, false],
    'a drench into the pot' => ['weak-pot-drench', 'ordinary-leaf', Site::Outdoors, false, true],
    'a drench into an empty bed' => ['empty-bed-neem-drench', 'empty-bed', Site::Outdoors, false, false],
]);
