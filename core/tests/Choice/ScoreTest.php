<?php

declare(strict_types=1);

use IdleMixer\Core\Choice\Chooser;
use IdleMixer\Core\Choice\Option;
use IdleMixer\Core\Choice\OwnResult;
use IdleMixer\Core\Choice\Reason;
use IdleMixer\Core\Choice\Severity;
use IdleMixer\Core\Choice\Situation;
use IdleMixer\Core\Cupboard\Cupboard;
use IdleMixer\Core\Ingredient\IngredientCatalogue;
use IdleMixer\Core\Tests\Support\Stands;
use IdleMixer\Core\Trouble\TroubleCatalogue;

/**
 * @param array<string, bool> $plant
 * @param list<string>|null   $cupboard
 *
 * @return list<string> codes of what speaks for a spray and against it, on a moderate infestation; none where it is not proposed
 */
function speaksOf(string $slug, string $trouble, string $leaf = 'ordinary-leaf', array $plant = [], bool $indoors = false, ?float $hardness = null, ?array $cupboard = null, string $stage = 'any'): array
{
    $situation = new Situation(TroubleCatalogue::shipped()->trouble($trouble), $stage, Severity::Moderate, 'Zinnia', Stands::as($leaf, $plant, $indoors), false, $hardness, $cupboard === null ? null : Cupboard::holding($cupboard, IngredientCatalogue::shipped()));
    $found = array_filter(Chooser::shipped()->choose($situation)->proposed, static fn(Option $option): bool => $option->recipe->slug === $slug);

    return array_merge(...array_values(array_map(static fn(Option $option): array => array_map(static fn(Reason $reason): string => $reason->finding->value, [...$option->for, ...$option->against]), $found)));
}

// What a spray is minded for: common practice, no source.
it('says what to mind of a spray where it matters, and only there', function (): void {
    expect(speaksOf('neem-leaf-quart', 'aphids', indoors: true))->toContain('smell')
        ->and(speaksOf('neem-leaf-quart', 'aphids'))->not->toContain('smell')
        ->and(speaksOf('mild-soap', 'aphids', indoors: true))->not->toContain('smell')
        ->and(speaksOf('neem-leaf-quart', 'aphids', hardness: 250.0))->toContain('not-held')
        ->and(speaksOf('neem-leaf-quart', 'aphids', hardness: 30.0))->not->toContain('not-held')
        // What the gate minds: a detergent wants three days until it is picked.
        ->and(speaksOf('mild-soap', 'aphids', plant: ['eatenSoon' => true]))->toContain('bench')
        ->and(speaksOf('mild-soap', 'aphids'))->not->toContain('bench')
        ->and(speaksOf('half-alcohol-swab', 'mealybugs', stage: 'adults'))->toContain('flammable')
        ->and(speaksOf('mild-soap', 'aphids'))->not->toContain('flammable');
});

it('tells three reasons at most, and of what speaks against a spray one at least', function (): void {
    $more = 0;
    foreach ([['aphids', 'ordinary-leaf'], ['mealybugs', 'waxy-bloom-leaf'], ['spider-mites', 'tender-leaf']] as [$trouble, $leaf]) {
        $situation = new Situation(TroubleCatalogue::shipped()->trouble($trouble), 'any', Severity::Moderate, 'Zinnia', Stands::as($leaf, ['eatenSoon' => true], true), false, 250.0, Cupboard::holding(['castile-soap'], IngredientCatalogue::shipped()));
        foreach (Chooser::shipped()->choose($situation)->proposed as $option) {
            [$for, $against] = $option->telling();
            $all = count($option->for) + count($option->against);
            $more += $all > 3 ? 1 : 0;
            expect(count($for) + count($against))->toBe(min(3, $all))->and($against === [])->toBe($option->against === []);
        }
    }
    expect($more)->toBeGreaterThan(0);
});

it('tells what is in the house from what is not', function (): void {
    expect(speaksOf('plain-soap', 'aphids', cupboard: ['castile-soap']))->toContain('in-cupboard')
        ->and(speaksOf('mild-soap', 'aphids', cupboard: ['neem-oil']))->toContain('missing')
        ->and(speaksOf('mild-soap', 'aphids', cupboard: ['neem-oil']))->not->toContain('in-cupboard')
        ->and(array_intersect(['in-cupboard', 'missing'], speaksOf('mild-soap', 'aphids')))->toBe([]);
});

/*
 * The weights are our own; added up by hand. Ten for each step of effect (three for killing, two for holding back, times how sure it is), less
 * two for each step of work and one for each day of waiting; eight more for what gardeners use on it, and six where it is the first that they
 * use it on; less four for each nuisance.
 */
it('weighs what speaks for a spray and against it', function (string $slug, string $trouble, string $stage, float $points, string $leaf = 'ordinary-leaf', array $more = [], Severity $severity = Severity::Moderate): void {
    /** @var array{plant?: array<string, bool>, indoors?: bool, cupboard?: list<string>, own?: OwnResult} $more */
    $situation = new Situation(
        TroubleCatalogue::shipped()->trouble($trouble),
        $stage,
        $severity,
        'Zinnia',
        Stands::as($leaf, $more['plant'] ?? [], $more['indoors'] ?? false),
        cupboard: isset($more['cupboard']) ? Cupboard::holding($more['cupboard'], IngredientCatalogue::shipped()) : null,
        own: isset($more['own']) ? [$slug => $more['own']] : [],
    );
    $found = array_values(array_filter(Chooser::shipped()->choose($situation)->proposed, static fn(Option $option): bool => $option->recipe->slug === $slug));
    expect($found[0]->score ?? null)->toEqualWithDelta($points, 1e-9);
})->with([
    'surely kills, little work, made for it' => ['plain-soap', 'aphids', 'any', 90 - 2 - 20 / 24 + 8 + 6],
    'mostly holds back, a week to wait' => ['neem-leaf-quart', 'aphids', 'any', 40 - 2 - 7 + 8 + 6],
    'used on it, and not first' => ['fine-paraffin-mist', 'spider-mites', 'active', 90 - 4 - 2 + 8],
    'on nobody’s list for it' => ['fine-paraffin-mist', 'aphids', 'any', 90 - 4 - 2],
    'it smells in the house' => ['neem-leaf-quart', 'aphids', 'any', 45 - 4, 'ordinary-leaf', ['indoors' => true]],
    'oil was there lately: half of it is what the leaf bears' => ['fine-paraffin-mist', 'spider-mites', 'active', 92 - 12, 'ordinary-leaf', ['plant' => ['oilLately' => true]]],
    'half of it is what the leaf bears: twelve less' => ['castile-and-kitchen-oil', 'aphids', 'any', 90 - 2 - 2 + 8 + 6 - 12],
    'half is enough for mildew' => ['neem-leaf-quart', 'powdery-mildew', 'any', 40 - 2 - 7 + 8],
    'a caution: six less' => ['mild-soap', 'aphids', 'any', 60 - 2 - 20 / 24 + 8 - 6, 'tender-leaf'],
    'too weak to kill: forty less' => ['mild-alcohol', 'mealybugs', 'adults', 20 - 2 - 20 / 24 + 8 + 6 - 4 - 40],
    'a swab, on some' => ['half-alcohol-swab', 'mealybugs', 'adults', 90 - 6 - 20 / 24 + 8 + 6 - 4],
    'a swab, on few: twelve more' => ['half-alcohol-swab', 'mealybugs', 'adults', 90 - 6 - 20 / 24 + 8 + 6 - 4 + 12, 'ordinary-leaf', [], Severity::Light],
    'a swab, on many: twelve less' => ['half-alcohol-swab', 'mealybugs', 'adults', 90 - 6 - 20 / 24 + 8 + 6 - 4 - 12, 'ordinary-leaf', [], Severity::Heavy],
    'not in the house: twenty-five less' => ['plain-soap', 'aphids', 'any', 90 - 2 - 20 / 24 + 14 - 25, 'ordinary-leaf', ['cupboard' => ['neem-oil']]],
    // Half of forty where it always worked, by how many of three rounds are judged.
    'worked here three times of three' => ['plain-soap', 'aphids', 'any', 90 - 2 - 20 / 24 + 14 + 20, 'ordinary-leaf', ['own' => new OwnResult(3, 3)]],
    'worked here once' => ['plain-soap', 'aphids', 'any', 90 - 2 - 20 / 24 + 14 + 20 / 3, 'ordinary-leaf', ['own' => new OwnResult(1, 1)]],
    'worked here never of six' => ['plain-soap', 'aphids', 'any', 90 - 2 - 20 / 24 + 14 - 20, 'ordinary-leaf', ['own' => new OwnResult(6, 0)]],
    'worked here half of the time' => ['plain-soap', 'aphids', 'any', 90 - 2 - 20 / 24 + 14, 'ordinary-leaf', ['own' => new OwnResult(4, 2)]],
]);
