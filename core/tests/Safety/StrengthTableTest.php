<?php

declare(strict_types=1);

use IdleMixer\Core\Tests\Support\Plans;
use IdleMixer\Core\Writing\PlanWriter;
use IdleMixer\Core\Writing\WrittenVerdict;

/*
 * How strong a finished spray may be: well up to the first figure, a stop above the second, between them a caution. Common
 * practice and the house's own caution, no source, but refined oil at 2 % on leaves and 4 % on bare wood (university
 * extension pest notes, from memory) and soap at 1 to 2 % (gardening handbooks, from memory). Written down before the code.
 */

const SURFACES = ['ordinary-leaf', 'tough-leaf', 'tender-leaf', 'hairy-leaf', 'dormant-wood', 'empty-bed', 'planted-soil'];

/**
 * @param list<array<string, mixed>> $lines
 * @param array<string, mixed>       $more
 *
 * @return list<WrittenVerdict>
 */
function judgedAs(array $lines, ?string $plant, array $more = [], string $use = 'foliar'): array
{
    return PlanWriter::shipped()->write(Plans::of([
        'recipe' => Plans::recipe($lines, ['amount' => 1000, 'unit' => 'mL', 'of' => 'finished'], $use),
        'make' => ['amount' => 1, 'unit' => 'L'],
        'water' => ['hardness' => ['amount' => 0, 'unit' => 'mg/L']],
        ...($plant === null ? [] : ['plant' => $plant]),
        ...$more,
    ]))->verdicts;
}

/** @param list<WrittenVerdict> $verdicts */
function levelAbout(array $verdicts, string $about): ?string
{
    $order = ['ok' => 0, 'caution' => 1, 'stop' => 2];
    $levels = array_map(static fn(WrittenVerdict $verdict): string => $verdict->level, array_filter($verdicts, static fn(WrittenVerdict $verdict): bool => $verdict->about === $about));
    usort($levels, static fn(string $a, string $b): int => $order[$b] <=> $order[$a]);

    return $levels[0] ?? null;
}

/** @return array<string, mixed> so that the spray holds so many percent, of soda g per 100 mL */
function holding(string $ingredient, float $percent): array
{
    return match ($ingredient) {
        'baking-soda' => ['ingredient' => $ingredient, 'amount' => 10.0 * $percent, 'unit' => 'g'],
        'isopropyl-alcohol' => ['ingredient' => $ingredient, 'amount' => 10.0 * $percent / 0.99, 'unit' => 'mL', 'strength' => 99],
        'hydrogen-peroxide' => ['ingredient' => $ingredient, 'amount' => $percent > 7.0 ? 10.0 * $percent / 0.12 : 10.0 * $percent / 0.08, 'unit' => 'mL', 'strength' => $percent > 7.0 ? 12 : 8],
        default => ['ingredient' => $ingredient, 'amount' => 10.0 * $percent, 'unit' => 'mL'],
    };
}

/** @return Generator<string, array{string, string, string, float, float}> */
function strengthCells(): Generator
{
    $table = [
        ['horticultural-oil', 'oil', [[2, 3], [2, 3], [1, 1.5], [1, 1.5], [4, 6], [1.6, 3], [0.5, 1]]],
        ['paraffin-oil', 'oil', [[2, 3], [2, 3], [1, 1.5], [1, 1.5], [4, 6], [1.6, 3], [0.5, 1]]],
        ['vegetable-oil', 'oil', [[1.5, 3], [2, 3], [1, 1.5], [1, 1.5], [4, 6], [1.6, 3], [0.5, 1]]],
        ['neem-oil', 'neem', [[1.1, 2], [1.6, 2.5], [0.6, 1.1], [0.6, 1.1], [2, 4], [1.6, 3], [0.5, 1]]],
        ['castile-soap', 'soap', [[2, 3], [2, 4], [1, 2], [1, 2], [2, 4], [1.5, 3], [0.5, 1.5]]],
        ['dish-detergent', 'detergent', [[0.5, 1], [0.5, 1], [0.25, 0.5], [0.25, 0.5], [1, 2], [0.5, 1], [0.1, 0.3]]],
        ['isopropyl-alcohol', 'alcohol', [[20, 40], [35, 50], [10, 20], [1, 10], [35, 60], [5, 10], [1, 5]]],
        ['baking-soda', 'soda', [[0.8, 1.2], [0.9, 1.5], [0.4, 0.8], [0.4, 0.8], [1, 2], [0.3, 0.6], [0.1, 0.3]]],
        ['peppermint-oil', 'essential', [[0.3, 0.6], [0.3, 0.6], [0.2, 0.4], [0.2, 0.4], [0.5, 1], [0.3, 1], [0.1, 0.3]]],
        ['hydrogen-peroxide', 'peroxide', [[1, 3], [1, 3], [0.5, 1.5], [0.5, 1.5], [3, 5], [1, 3], [0.3, 1]]],
    ];
    foreach ($table as [$ingredient, $about, $cells]) {
        foreach ($cells as $i => [$well, $stop]) {
            foreach (SURFACES[$i] === 'tender-leaf' ? ['tender-leaf', 'wounded-leaf', 'waxy-bloom-leaf'] : [SURFACES[$i]] as $plant) {
                yield "{$ingredient} on {$plant}" => [$ingredient, $about, $plant, (float) $well, (float) $stop];
            }
        }
    }
}

it('draws the lines of the table', function (string $ingredient, string $about, string $plant, float $well, float $stop): void {
    $at = static fn(float $percent): ?string => levelAbout(judgedAs([holding($ingredient, $percent)], $plant), $about);
    expect([$at($well * 0.5), $at($well), $at($well * 1.001), $at(($well + $stop) / 2.0), $at($stop), $at($stop * 1.001), $at($stop * 1.5)])
        ->toBe(['ok', 'ok', 'caution', 'caution', 'caution', 'stop', 'stop']);
})->with(strengthCells(...));

it('takes an ordinary leaf, bare wood and planted soil where nobody said onto what it goes', function (string $use, string $plant): void {
    foreach ([0.4, 0.9, 1.3, 2.5, 5.0] as $percent) {
        expect(levelAbout(judgedAs([holding('neem-oil', $percent)], null, [], $use), 'neem'))->toBe(levelAbout(judgedAs([holding('neem-oil', $percent)], $plant, [], $use), 'neem'));
    }
})->with([['foliar', 'ordinary-leaf'], ['dormant', 'dormant-wood'], ['drench', 'planted-soil']]);

it('takes the empty bed for the drench that is made for it, and for the soil of older documents', function (): void {
    $level = static fn(?string $plant, bool $high): ?string => levelAbout(PlanWriter::shipped()->write(Plans::shipped('empty-bed-neem-drench', 1.0, '[gal_us]', ['highEnd' => $high, ...($plant === null ? [] : ['plant' => $plant])]))->verdicts, 'neem');
    expect($level(null, false))->toBe('ok')->and($level('planted-soil', false))->toBe('caution')->and($level('soil', true))->toBe('ok');
});

it('adds the oils up, each as a share of its own limit', function (array $percents, string $plant, string $level): void {
    /** @var array<string, float> $percents */
    $verdicts = judgedAs(array_map(holding(...), array_keys($percents), array_values($percents)), $plant);
    $worst = array_map(static fn(string $about): string => levelAbout($verdicts, $about) ?? 'ok', ['oil', 'neem', 'essential']);
    expect(in_array('stop', $worst, true) ? 'stop' : (in_array('caution', $worst, true) ? 'caution' : 'ok'))->toBe($level);
})->with([
    'half and half' => [['neem-oil' => 0.55, 'horticultural-oil' => 1.0], 'ordinary-leaf', 'ok'],
    'a little more than both' => [['neem-oil' => 0.56, 'horticultural-oil' => 1.0], 'ordinary-leaf', 'caution'],
    'each well and together too much' => [['neem-oil' => 1.1, 'horticultural-oil' => 1.9], 'ordinary-leaf', 'stop'],
    'kitchen and refined on wood' => [['vegetable-oil' => 2.0, 'horticultural-oil' => 2.0], 'dormant-wood', 'ok'],
    'a scent beside kitchen oil' => [['vegetable-oil' => 0.7, 'peppermint-oil' => 0.15], 'ordinary-leaf', 'ok'],
    'a strong scent beside kitchen oil' => [['vegetable-oil' => 1.2, 'peppermint-oil' => 0.3], 'ordinary-leaf', 'caution'],
]);

it('stops any oil on what bears none, and asks for a leaf test on a powdered leaf', function (): void {
    foreach (['neem-oil', 'vegetable-oil', 'paraffin-oil'] as $oil) {
        expect(levelAbout(judgedAs([holding($oil, 0.2)], 'no-oil-leaf'), 'oil'))->toBe('stop');
    }
    $bloom = judgedAs([holding('neem-oil', 0.5)], 'waxy-bloom-leaf');
    expect(levelAbout($bloom, 'neem'))->toBe('ok')->and(levelAbout($bloom, 'place'))->toBe('caution')
        ->and(implode(' ', array_map(static fn(WrittenVerdict $verdict): string => $verdict->because, $bloom)))->toContain('Test two leaves')
        ->and(levelAbout(judgedAs([holding('castile-soap', 1.0)], 'no-oil-leaf'), 'soap'))->toBe('ok');
});

it('takes saponin and polysorbate for emulsifiers, not for soap', function (string $ingredient): void {
    $little = judgedAs([holding($ingredient, 0.5), holding('neem-oil', 0.5)], 'ordinary-leaf');
    $much = judgedAs([holding($ingredient, 0.51), holding('neem-oil', 0.5)], 'ordinary-leaf');
    expect(levelAbout($little, 'soap'))->toBeNull()->and(levelAbout($much, 'soap'))->toBeNull()
        ->and(levelAbout($little, 'emulsion'))->toBe('ok')->and(levelAbout($much, 'emulsion'))->toBe('caution');
})->with(['saponin-extract', 'polysorbate-20']);

it('minds hairy leaves with a swab of alcohol, and nothing else', function (): void {
    $swab = [holding('isopropyl-alcohol', 60.0)];
    expect(levelAbout(judgedAs($swab, 'tender-leaf', [], 'spot'), 'alcohol'))->toBeNull()
        ->and(array_filter(judgedAs($swab, 'ordinary-leaf', [], 'spot'), static fn(WrittenVerdict $verdict): bool => $verdict->level !== 'ok'))->toBe([])
        ->and(levelAbout(judgedAs($swab, 'hairy-leaf', [], 'spot'), 'place'))->toBe('caution');
});

it('adds up what a leaf gets in seven days', function (string $ingredient, float $percent, float $every, bool $rinsed, ?string $level): void {
    expect(levelAbout(judgedAs([holding($ingredient, $percent)], 'ordinary-leaf', ['circumstances' => ['everyDays' => $every, 'rinsed' => $rinsed]]), 'repeat'))->toBe($level);
})->with([
    'two percent weekly is judged by itself' => ['horticultural-oil', 2.0, 7.0, false, null],
    'fortnightly' => ['horticultural-oil', 2.0, 14.0, false, null],
    '0.8 % twice in seven days' => ['neem-oil', 0.8, 4.0, false, 'ok'],
    '0.81 % twice in seven days' => ['neem-oil', 0.81, 4.0, false, 'caution'],
    'half a percent every three days: three rounds' => ['neem-oil', 0.53, 3.0, false, 'ok'],
    'one percent every three days' => ['neem-oil', 1.0, 3.0, false, 'caution'],
    'one percent every two days: four rounds' => ['neem-oil', 1.0, 2.0, false, 'caution'],
    'more than one percent every two days' => ['neem-oil', 1.01, 2.0, false, 'stop'],
    'the same rinsed off the day after' => ['neem-oil', 1.01, 2.0, true, 'ok'],
    'daily' => ['vegetable-oil', 1.0, 1.0, false, 'stop'],
    'daily, rinsed' => ['vegetable-oil', 1.0, 1.0, true, 'caution'],
    'scent twice' => ['peppermint-oil', 0.3, 4.0, false, 'ok'],
    'scent three times' => ['peppermint-oil', 0.21, 3.0, false, 'caution'],
    'scent daily' => ['peppermint-oil', 0.2, 1.0, false, 'stop'],
]);

it('says where what is to kill is too weak', function (array $lines, float $hardness, bool $weak): void {
    /** @var array<string, float> $lines */
    $verdicts = judgedAs(array_map(holding(...), array_keys($lines), array_values($lines)), 'ordinary-leaf', ['water' => ['hardness' => ['amount' => $hardness, 'unit' => 'mg/L']]]);
    expect(levelAbout($verdicts, 'weak'))->toBe($weak ? 'caution' : null);
})->with([
    'soap at 0.5 % in distilled water' => [['castile-soap' => 0.5], 0.0, false],
    'soap at 0.49 %' => [['castile-soap' => 0.49], 0.0, true],
    'soap at 0.7 % in moderate water' => [['castile-soap' => 0.7], 100.0, false],
    'soap at 0.6 % in hard water' => [['castile-soap' => 0.6], 180.0, true],
    'soap at 1.5 % in very hard water' => [['castile-soap' => 1.5], 300.0, false],
    'soap that kills beside oil' => [['castile-soap' => 0.8, 'vegetable-oil' => 0.8], 300.0, true],
    'soap that only holds oil' => [['castile-soap' => 0.1, 'vegetable-oil' => 0.8], 300.0, false],
    'soap beside neem' => [['castile-soap' => 0.3, 'neem-oil' => 0.8], 0.0, false],
    'soap beside alcohol' => [['castile-soap' => 0.3, 'isopropyl-alcohol' => 15.0], 0.0, false],
    'soap beside scent' => [['castile-soap' => 0.4, 'peppermint-oil' => 0.2], 0.0, false],
    'detergent at 0.2 %' => [['dish-detergent' => 0.2], 400.0, false],
    'detergent at 0.19 %' => [['dish-detergent' => 0.19], 0.0, true],
    'oil at 0.3 %' => [['vegetable-oil' => 0.3], 0.0, false],
    'oil at 0.29 %' => [['vegetable-oil' => 0.29], 0.0, true],
    'neem at 0.15 %' => [['neem-oil' => 0.15], 0.0, false],
    'neem at 0.14 %' => [['neem-oil' => 0.14], 0.0, true],
    'alcohol at 10 %' => [['isopropyl-alcohol' => 10.0], 0.0, false],
    'alcohol at 9.9 %' => [['isopropyl-alcohol' => 9.9], 0.0, true],
    'soda at 0.3 g' => [['baking-soda' => 0.3], 0.0, false],
    'soda at 0.29 g' => [['baking-soda' => 0.29], 0.0, true],
    'scent at 0.1 %' => [['peppermint-oil' => 0.1], 0.0, false],
    'scent at 0.09 %' => [['peppermint-oil' => 0.09], 0.0, true],
]);

it('says that soap which the water has eaten is No more than water, and what would make it a spray', function (): void {
    $said = implode(' ', array_map(static fn(WrittenVerdict $verdict): string => $verdict->because, judgedAs([holding('castile-soap', 0.3)], 'ordinary-leaf', ['water' => ['hardness' => ['amount' => 300, 'unit' => 'mg/L']]])));
    expect($said)->toContain('No more than water', 'Take 1 % of liquid soap');
});

it('never lets a stop turn better by more of what is too much', function (): void {
    foreach (strengthCells() as [$ingredient, $about, $plant, , $stop]) {
        foreach ([1.01, 1.3, 2.0] as $times) {
            if ($stop * $times < 70.0) {
                expect(levelAbout(judgedAs([holding($ingredient, $stop * $times)], $plant), $about))->toBe('stop');
            }
        }
    }
});

it('never uses hot water', function (float $celsius, bool $stop): void {
    $levels = array_map(static fn(WrittenVerdict $verdict): string => $verdict->level, judgedAs([holding('castile-soap', 1.0)], 'ordinary-leaf', ['water' => ['hardness' => ['amount' => 0, 'unit' => 'mg/L'], 'temperature' => ['amount' => $celsius, 'unit' => 'Cel']]]));
    expect(in_array('stop', $levels, true))->toBe($stop);
})->with([[37.0, false], [45.0, false], [46.0, true], [60.0, true], [100.0, true]]);

it('never closes what gives off gas', function (): void {
    expect(levelAbout(judgedAs([holding('hydrogen-peroxide', 0.5), holding('baking-soda', 0.5)], 'ordinary-leaf'), 'container'))->toBe('caution')
        ->and(levelAbout(judgedAs([holding('hydrogen-peroxide', 0.5)], 'ordinary-leaf'), 'container'))->toBeNull();
});

it('knows how heavy alcohol is by its bottle', function (float $strength, float $density): void {
    // Handbook densities near 20 °C, from memory, within 0.01 g/mL.
    $plan = Plans::of(['recipe' => Plans::recipe([['ingredient' => 'isopropyl-alcohol', 'amount' => 100, 'unit' => 'mL', 'strength' => $strength]], ['amount' => 1, 'unit' => 'L', 'of' => 'finished']), 'make' => ['amount' => 1, 'unit' => 'L']]);
    expect($plan->whole->parts[0]->grams() / 100.0)->toEqualWithDelta($density, 0.01);
})->with([[50.0, 0.93], [70.0, 0.88], [91.0, 0.815], [99.0, 0.786]]);
