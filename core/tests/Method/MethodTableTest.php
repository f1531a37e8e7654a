<?php

declare(strict_types=1);

use IdleMixer\Core\Method\Chore;
use IdleMixer\Core\Method\Method;
use IdleMixer\Core\Method\Pressure;
use IdleMixer\Core\Recipe\RecipeCatalogue;

/*
 * Each shipped spray as its school does it, written down before the data: hand work before, how wet, minutes of soaking, brush, minutes of a
 * second soak, rinse; days between rounds as prevention, and under light, moderate and heavy pressure (0 never, 1000 once); rounds in a row
 * (null no limit); what is done after. Common practice, no source.
 */

const NEVER = 0;
const ONCE = 1000;

/** @return array{list<string>, string, int|null, bool, int|null, string, list<int>, int|null, list<string>} */
function methodAsKept(Method $method): array
{
    $days = static fn(Pressure $at): int => $method->every($at)->isOnce ? ONCE : ($method->every($at)->days ?? NEVER);

    return [
        array_map(static fn(Chore $one): string => $one->value, $method->before),
        $method->wet->value,
        $method->soakMinutes,
        $method->brush,
        $method->secondSoakMinutes,
        $method->rinse->value,
        array_map($days, Pressure::cases()),
        $method->inARow,
        array_map(static fn(Chore $one): string => $one->value, $method->after),
    ];
}

it('is done as its school does it', function (string $slug, array $row): void {
    expect(methodAsKept(RecipeCatalogue::shipped()->method($slug)))->toBe($row);
})->with([
    'M1' => ['empty-bed-neem-drench', [['turn-out'], 'poured', null, false, null, 'no', [ONCE, ONCE, ONCE, ONCE], 1, ['plant-later']]],
    'M2' => ['soap-and-alcohol-by-eye', [['isolate', 'shower', 'cut'], 'drip', 10, false, null, 'after-soak', [NEVER, 7, 7, 7], 7, ['swab-daily']]],
    'M3' => ['soda-leaf-spray', [['strip'], 'drip', null, false, null, 'no', [14, 14, 7, 7], 6, []]],
    'M3, the peroxide' => ['peroxide-in-turn', [['strip'], 'drip', null, false, null, 'no', [14, 14, 7, 7], 6, []]],
    'M3, as published' => ['soda-and-oil-by-the-book', [['strip'], 'drip', null, false, null, 'no', [14, 14, 7, 7], 6, []]],
    'M4' => ['egg-and-oil-milk', [['wash-off'], 'run-off', null, false, null, 'no', [NEVER, 7, 5, 5], 3, []]],
    'M5' => ['half-alcohol-swab', [['isolate', 'pick'], 'touch', null, false, null, 'no', [NEVER, 7, 3, 1], null, []]],
    'M6' => ['neem-by-the-gallon', [['jet'], 'run-off', null, false, null, 'no', [14, 7, 7, 4], 6, ['shade-till-dry']]],
    'M7' => ['castile-and-kitchen-oil', [['jet'], 'run-off', null, false, null, 'next-day', [NEVER, 7, 4, 2], 3, []]],
    'M8' => ['orchard-neem', [['prune'], 'drip', null, false, null, 'no', [ONCE, 7, 7, 7], 3, []]],
    'M9' => ['winter-wood-oil', [['prune', 'brush-bark', 'dry-wood'], 'drip', null, false, null, 'no', [ONCE, ONCE, ONCE, ONCE], 1, []]],
    'M10' => ['neem-leaf-quart', [['jet'], 'run-off', null, false, null, 'no', [14, 7, 7, 4], 6, ['shade-till-dry']]],
    'M11' => ['soda-and-neem', [['strip'], 'drip', null, false, null, 'no', [14, 7, 7, 7], 6, []]],
    'M12' => ['gentle-neem', [['dead-leaves', 'unpot'], 'drip', null, false, null, 'no', [NEVER, 3, 3, 3], 3, ['out-of-sun', 'fresh-soil']]],
    'M13' => ['alcohol-soap-and-brush', [['wash', 'break-webs'], 'drip', 10, true, 5, 'after-soak', [NEVER, 7, 7, 7], 4, ['fresh-soil', 'clean-pot']]],
    'M14' => ['kitchen-oil-by-the-quart', [['jet'], 'run-off', null, false, null, 'no', [NEVER, 7, 4, 2], 3, []]],
    'M15' => ['fine-paraffin-mist', [['isolate', 'sponge-dust'], 'mist', null, false, null, 'no', [182, ONCE, 7, 28], 2, ['flush-pot', 'moving-air', 'shade-till-dry']]],
    'M16' => ['mint-oil-by-the-cup', [['jet'], 'run-off', null, false, null, 'no', [NEVER, 7, 4, 2], 3, []]],
    'M17, alcohol' => ['mild-alcohol', [['isolate', 'pick'], 'drip', 20, false, null, 'after-soak', [NEVER, 7, 3, 7], 4, ['swab-daily']]],
    'M17, soap' => ['mild-soap', [['isolate', 'pick'], 'drip', 20, false, null, 'after-soak', [NEVER, 7, 4, 4], 4, []]],
    'M17, neem' => ['mild-neem', [['jet'], 'run-off', null, false, null, 'no', [10, 7, 7, 4], 6, ['shade-till-dry']]],
    'M18' => ['mint-mask', [['jet'], 'run-off', null, false, null, 'no', [10, 7, 5, 4], 6, ['air-room']]],
    'M19' => ['beetle-neem', [['pick', 'jet'], 'run-off', null, false, null, 'no', [14, 7, 7, 4], 6, ['shade-till-dry']]],
    'M20' => ['weak-pot-drench', [['no-saucer'], 'poured', null, false, null, 'no', [35, 35, 35, 35], 2, ['empty-saucer']]],
    'M21' => ['rosemary-mist', [['jet'], 'run-off', null, false, null, 'no', [10, 7, 5, 4], 6, ['air-room']]],
    'M22' => ['true-neem-emulsion', [['jet'], 'run-off', null, false, null, 'no', [14, 7, 7, 4], 6, ['shade-till-dry']]],
    'soap, as labels have it' => ['plain-soap', [['jet'], 'run-off', null, false, null, 'no', [NEVER, 7, 5, 4], 6, []]],
]);

// What it is put on from, and how it is kept moving: common practice, no source.
it('is kept moving as it has to be', function (string $slug, string $vessel, string $agitation, string $surface): void {
    $method = RecipeCatalogue::shipped()->method($slug);
    expect([$method->vessel->value, $method->agitation->value, $method->surface->value])->toBe([$vessel, $agitation, $surface]);
})->with([
    'a bed' => ['empty-bed-neem-drench', 'bucket', 'stirred', 'soil'],
    'a pot' => ['weak-pot-drench', 'can', 'stirred', 'soil'],
    'a swab' => ['half-alcohol-swab', 'jar', 'swirled', 'single-insects'],
    'succulents' => ['gentle-neem', 'sprayer', 'swirled', 'leaf'],
    'egg' => ['egg-and-oil-milk', 'sprayer', 'blended', 'leaf'],
    'whipped neem' => ['true-neem-emulsion', 'sprayer', 'whisked', 'leaf'],
    'winter oil' => ['winter-wood-oil', 'sprayer', 'whisked', 'bare-wood'],
    'peroxide, which gives off gas' => ['peroxide-in-turn', 'sprayer', 'stirred', 'leaf'],
    'neem' => ['neem-leaf-quart', 'sprayer', 'shaken', 'leaf'],
]);

it('knows of each shipped spray what it is against', function (): void {
    $shipped = RecipeCatalogue::shipped();
    foreach ($shipped->slugs() as $slug) {
        expect($shipped->method($slug)->against)->not->toBe([], $slug)->and($shipped->method($slug)->source)->not->toBe('', $slug);
    }
});

// M2 goes in turn with neem, and soda with peroxide and the soil: common practice, no source.
it('takes turns with what its school has beside it', function (string $slug, array $with): void {
    expect(RecipeCatalogue::shipped()->method($slug)->inTurnWith)->toBe($with);
})->with([
    ['soap-and-alcohol-by-eye', ['mild-neem']],
    ['soda-leaf-spray', ['peroxide-in-turn', 'weak-pot-drench']],
    ['peroxide-in-turn', ['soda-leaf-spray', 'weak-pot-drench']],
    ['neem-leaf-quart', []],
]);
