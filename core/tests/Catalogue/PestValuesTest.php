<?php

declare(strict_types=1);

use IdleMixer\Core\Choice\Containment;
use IdleMixer\Core\Choice\Effect;
use IdleMixer\Core\Choice\EffectCatalogue;
use IdleMixer\Core\Choice\Severity;
use IdleMixer\Core\Choice\SeverityScale;
use IdleMixer\Core\Evidence\LookPlans;
use IdleMixer\Core\Evidence\UnsprayedCatalogue;
use IdleMixer\Core\Schedule\BiologyCatalogue;
use IdleMixer\Core\Tests\Support\Stands;
use IdleMixer\Core\Trouble\TroubleCatalogue;

/*
 * What is told of pests in figures. Where practice or a handbook says nothing the figure is the house's own, decided once and written down
 * here beside the catalogue, so that none of them moves by a slip.
 */
it('calls few few and many many', function (string $pest, int $moderate, int $heavy): void {
    // The house's own: from how many on in the look of that pest.
    $of = static fn(float $count): Severity => SeverityScale::shipped()->of($pest, $count);
    expect([$of($moderate - 1.0), $of((float) $moderate), $of($heavy - 1.0), $of((float) $heavy)])->toBe([Severity::Light, Severity::Moderate, Severity::Moderate, Severity::Heavy]);
})->with([
    'on ten tips' => ['aphids', 20, 100], 'in ten joints' => ['mealybugs', 5, 25], 'on five papers' => ['spider-mites', 10, 50], 'flat mites, too' => ['flat-mites', 10, 50],
    'on five stems' => ['scale', 10, 50], 'under ten leaves' => ['whitefly', 10, 50], 'thrips on five papers' => ['thrips', 5, 25], 'on five plants' => ['leaf-beetles', 10, 40],
    'caterpillars on five plants' => ['caterpillars', 3, 10], 'slugs at dusk' => ['slugs', 3, 10], 'on two cards' => ['fungus-gnats', 10, 40], 'in five spades' => ['grubs', 5, 15],
    'blisters on ten leaves' => ['blister-mites', 10, 60], 'egg clusters on five twigs' => ['overwintering-eggs', 5, 30], 'percent of ten leaves' => ['powdery-mildew', 100, 400],
    'new spots' => ['early-blight', 10, 40], 'black spot' => ['black-spot', 10, 40], 'pustules' => ['rust', 10, 60],
]);

it('grows and hatches pests by degree-days', function (string $pest, float $celsius, float $first, float $last, float $adult): void {
    /*
     * Days at 20 °C by threshold and degree-days: spider mites 11.2 °C and 137 (published, from memory), aphids 4 °C (the same); the
     * other rows are handbook values from memory, within a fifth. First and last egg that hatches; egg or birth to adult.
     */
    $at = BiologyCatalogue::shipped()->of($pest)?->at($celsius);
    expect($at?->firstHatch)->toEqualWithDelta($first, 0.01)->and($at?->lastHatch)->toEqualWithDelta($last, 0.01)->and($at?->toAdult)->toEqualWithDelta($adult, 0.01);
})->with([
    'aphids bear: 144 above 4' => ['aphids', 20.0, 0.0, 0.0, 9.0],
    // 105 to 150 above 10: 7 to 10 days in a warm room; 525 to adult: 45 to 60 days at 20 °C, 28 to 40 at 25 (handbooks).
    'mealybugs in a warm room' => ['mealybugs', 25.0, 7.0, 10.0, 35.0],
    'mealybugs in the cold: up to 45 days' => ['mealybugs', 12.0, 45.0, 45.0, 262.5],
    'spider mites: 40 to 60, and 137, above 11.2' => ['spider-mites', 20.0, 4.545, 6.818, 15.568],
    'spider mites in the cold' => ['spider-mites', 12.0, 45.0, 45.0, 171.25],
    'flat mites: 110 to 160, 420, above 10' => ['flat-mites', 20.0, 11.0, 16.0, 42.0],
    'flat mites in the cold' => ['flat-mites', 11.0, 60.0, 60.0, 420.0],
    'broad mites: 25 to 40, 75, above 10' => ['broad-mites', 20.0, 2.5, 4.0, 7.5],
    'broad mites in the cold' => ['broad-mites', 10.5, 30.0, 30.0, 150.0],
    'scale: 100 to 300, 800, above 10' => ['scale', 20.0, 10.0, 30.0, 80.0],
    'scale in the cold' => ['scale', 11.0, 60.0, 60.0, 800.0],
    'whitefly: 110 to 130, 380, above 8.3' => ['whitefly', 20.0, 9.402, 11.111, 32.479],
    'whitefly in the cold' => ['whitefly', 9.3, 40.0, 40.0, 380.0],
    'thrips: 45 to 70, 230, above 9' => ['thrips', 20.0, 4.091, 6.364, 20.909],
    'thrips in the cold' => ['thrips', 10.0, 30.0, 30.0, 230.0],
    'leaf beetles: 55 to 90, 350, above 12' => ['leaf-beetles', 20.0, 6.875, 11.25, 43.75],
    'leaf beetles in the cold' => ['leaf-beetles', 13.0, 30.0, 30.0, 350.0],
    // Fastest at 32 °C, and not at all from 42 on: 20.8 above 11.2, of which a fifth is left at 40.
    'slower where it is too hot' => ['spider-mites', 40.0, 9.615, 14.423, 32.933],
    'nothing hastens above 34' => ['broad-mites', 40.0, 1.042, 1.667, 3.125],
]);

it('knows what a week without a spray makes of a pest', function (string $pest, float $least, float $most): void {
    // The house's own reading of what goes by itself (aphids, slugs, caterpillars, gnats, spots in dry weather) and what does not (wax, shields, wood).
    expect(UnsprayedCatalogue::shipped()->of($pest)->after(7.0))->toEqualWithDelta([$least, $most], 1e-9)
        ->and(UnsprayedCatalogue::shipped()->of($pest)->after(14.0))->toEqualWithDelta([$least ** 2, $most ** 2], 1e-9);
})->with([
    ['aphids', 0.2, 5.0], ['mealybugs', 0.8, 1.6], ['spider-mites', 0.5, 4.0], ['flat-mites', 0.8, 1.6], ['scale', 0.9, 1.3], ['whitefly', 0.6, 2.0], ['thrips', 0.5, 2.5],
    ['leaf-beetles', 0.3, 2.0], ['caterpillars', 0.2, 1.5], ['slugs', 0.1, 5.0], ['fungus-gnats', 0.3, 2.0], ['grubs', 0.8, 1.2], ['blister-mites', 0.9, 1.2], ['overwintering-eggs', 0.95, 1.0],
    ['powdery-mildew', 0.4, 3.0], ['early-blight', 0.3, 4.0], ['black-spot', 0.3, 4.0], ['rust', 0.3, 4.0], ['leaf-miner', 0.4, 2.0], ['broad-mites', 0.6, 3.0],
    'of what nobody counts anything may become' => ['virus', 0.1, 10.0],
]);

it('looks at as many spots of each pest as a minute has room for', function (string $pest, int $spots): void {
    expect(LookPlans::shipped()->of($pest)->spots)->toBe($spots);
})->with([
    ['aphids', 10], ['mealybugs', 10], ['spider-mites', 5], ['flat-mites', 5], ['scale', 5], ['whitefly', 10], ['thrips', 5], ['leaf-beetles', 5], ['caterpillars', 5], ['slugs', 5],
    ['fungus-gnats', 2], ['grubs', 5], ['blister-mites', 10], ['overwintering-eggs', 5], ['powdery-mildew', 10], ['early-blight', 10], ['black-spot', 10], ['rust', 10], ['leaf-miner', 10], ['broad-mites', 10],
]);

/*
 * What kills (k) and what checks (c), and how sure that is: 3 what everybody finds, 2 most, 1 some. Common practice, no source, but soda
 * with oil against mildew (Horst and others 1992), soap (handbooks) and oil (extension notes), all from memory.
 */
it('knows what each way of working does', function (string $stage, string $does): void {
    [$slug, $part] = explode('/', $stage);
    $ways = explode(' ', $does);
    $found = EffectCatalogue::shipped()->of(TroubleCatalogue::shipped()->trouble($slug), $part, ['soap', 'oil', 'neem', 'egg-oil', 'detergent', 'alcohol', 'weak-alcohol', 'essential', 'systemic-neem', 'winter-oil', 'drench', 'soda', 'soda-with-oil', 'peroxide']);
    expect(array_map(static fn(Effect $one): string => "{$one->way}:" . ($one->kills ? 'k' : 'c') . $one->sure, $found))->toEqualCanonicalizing($ways);
})->with([
    ['aphids/any', 'soap:k3 oil:k3 neem:c2 egg-oil:k2 detergent:k2 alcohol:k1'],
    ['mealybugs/adults', 'alcohol:k3 oil:k2 neem:c2 weak-alcohol:c1'],
    ['mealybugs/crawlers', 'soap:k3 oil:k3 neem:c2 egg-oil:k2 detergent:k2 alcohol:k3 weak-alcohol:c1'],
    ['spider-mites/active', 'soap:k2 oil:k3 neem:c2 alcohol:k2 essential:c1 egg-oil:k1 systemic-neem:c1'],
    ['spider-mites/eggs', 'oil:k3'], ['flat-mites/active', 'oil:k3 neem:c1'], ['flat-mites/eggs', 'oil:k2'],
    ['scale/adults', 'oil:k2 alcohol:k2 neem:c1'], ['scale/crawlers', 'soap:k3 oil:k3 neem:c2 egg-oil:k2 detergent:k2 alcohol:k2'], ['scale/winter', 'winter-oil:k3'],
    ['whitefly/any', 'soap:k3 oil:k3 neem:c2 egg-oil:k2 detergent:k2'], ['thrips/any', 'soap:k1 oil:k1 neem:c2'],
    ['leaf-beetles/larvae', 'neem:c2'], ['grubs/any', 'drench:c1'], ['blister-mites/winter', 'winter-oil:k2'], ['overwintering-eggs/winter', 'winter-oil:k3'],
    ['powdery-mildew/any', 'soda-with-oil:c3 soda:c2 oil:c1 neem:c2'], ['early-blight/any', 'soda-with-oil:c2 soda:c1 peroxide:c1'],
    ['black-spot/any', 'soda-with-oil:c2 soda:c1 peroxide:c1'], ['rust/any', 'soda-with-oil:c2 soda:c1 peroxide:c1'],
]);

it('puts first what comes first when a case is opened', function (string $pest, bool $indoors, array $steps): void {
    // Hours after the case was opened: at once, at dusk, the next day, after two days, and a look after three. Common practice, no source.
    $found = [];
    foreach (Containment::shipped()->steps(TroubleCatalogue::shipped()->trouble($pest), Stands::as('ordinary-leaf', [], $indoors)->plant) as $step) {
        $found[$step->slug] = $step->hours;
    }
    expect($found)->toEqual($steps);
})->with([
    'aphids out of doors' => ['aphids', false, ['cut-out' => 0, 'water-jet' => 0, 'less-feed' => 24, 'ants' => 24, 'look-again' => 72]],
    'mealybugs in a room' => ['mealybugs', true, ['isolate' => 0, 'cut-out' => 0, 'wipe' => 0, 'quarantine' => 24, 'change-soil' => 48, 'look-again' => 72]],
    'slugs' => ['slugs', false, ['hand-pick' => 0, 'pick-at-dusk' => 12, 'look-again' => 72]],
    'spider mites in a room' => ['spider-mites', true, ['isolate' => 0, 'cut-out' => 0, 'water-jet' => 0, 'break-webs' => 0, 'quarantine' => 24, 'less-feed' => 24, 'look-again' => 72]],
]);
