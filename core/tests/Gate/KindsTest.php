<?php

declare(strict_types=1);

use IdleMixer\Core\Plant\KindCatalogue;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Source\SourceCatalogue;
use IdleMixer\Core\Words\Say;

/*
 * What the kind of a plant tells: handbooks and labels, from memory, written down before the list.
 */

/** @return list<string> names that stand in a sentence, apart by commas */
function namesIn(string $sentence): array
{
    return array_map(trim(...), explode(',', $sentence));
}

it('knows what each kind bears', function (string $what, string $names): void {
    foreach (namesIn($names) as $name) {
        $kind = KindCatalogue::shipped()->read($name);
        $told = match ($what) {
            'bears no oil' => $kind?->bearsNoOil,
            'soap marks it' => $kind?->soapSensitive,
            'bare in winter' => $kind?->standsBare,
            default => $kind?->leaf->slug === $what,
        };
        expect($told)->toBeTrue("{$name}: {$what}");
    }
})->with([
    ['bears no oil', 'red maple, Japanese maple, walnut, hickory, smoke bush, blue spruce, juniper, blue atlas cedar, cryptomeria, boston fern, staghorn fern, a fern'],
    ['soap marks it', 'sweet pea, nasturtium, cherry, plum, hawthorn, horse chestnut, Japanese maple, maidenhair fern, crown of thorns, poinsettia, fuchsia, begonia, impatiens, lantana, azalea, gardenia'],
    ['hairy-leaf', "african violet, gloxinia, petunia, zonal pelargonium, lamb's ear, borage, rex begonia, coleus, cucumber, squash"],
    ['waxy-bloom-leaf', 'echeveria, cabbage, kale, blue hosta, carnation, eucalyptus'],
    ['tough-leaf', 'citrus, camellia, holly, rubber fig, moth orchid, bay, rhododendron, hoya, schefflera, oleander, ivy'],
    ['tender-leaf', 'lettuce, basil, spinach, impatiens, calathea, fuchsia'],
    ['ordinary-leaf', 'rose, tomato, pepper, bean, apple, pear, vine, dahlia, hibiscus, potato, strawberry, currant, lilac'],
    ['bare in winter', 'apple, pear, vine, currant, lilac, rose, walnut, red maple'],
]);

it('reads a kind however it is typed, and nothing where nothing is known', function (string $typed, ?string $slug): void {
    expect(KindCatalogue::shipped()->read($typed)?->slug)->toBe($slug);
})->with([
    ['Roses', 'rose'], ['TOMATOES', 'tomato'], ['Cherry tomato', 'tomato'], ['strawberries', 'strawberry'], ['Japanese Maple ‘Bloodgood’', 'japanese-maple'], ["Fuchsia 'Rose of Castile'", 'fuchsia'],
    ['busy lizzie', 'impatiens'], ['Phalaenopsis', 'moth-orchid'], ['blackcurrants', 'currant'], ['Lamb’s ear', 'lambs-ear'], ['', null], ['something green', null], ['primrose path', null], ['<script>', null],
]);

it('has for every kind a leaf, a source and a name of its own', function (): void {
    $all = KindCatalogue::shipped();
    $leaves = ToleranceCatalogue::shipped()->slugs();
    $names = [];
    foreach ($all->slugs() as $slug) {
        $called = (array) Say::words('kinds')[$slug];
        $kind = $all->read(is_string($called[0] ?? null) ? $called[0] : '');
        expect($kind?->slug)->toBe($slug)->and($leaves)->toContain($kind?->leaf->slug)->and(SourceCatalogue::shipped()->get($kind->source ?? '')->fromMemory)->toBeTrue();
        array_push($names, ...array_filter($called, is_string(...)));
    }
    expect(count($all->slugs()))->toBeGreaterThan(150)->and(array_unique($names))->toHaveCount(count($names))->and(array_keys(Say::words('kinds')))->toEqualCanonicalizing($all->slugs());
});
