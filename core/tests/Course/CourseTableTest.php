<?php

declare(strict_types=1);

use IdleMixer\Core\Ask\Courses;
use IdleMixer\Core\Document\JsonText;

/**
 * @param string|list<string>   $methods
 * @param array<string, mixed> $more
 *
 * @return array{state: string, code: string, because: string, next: list<array{kind: string, on: string, from: string, to: string, recipe: string|null, code: string, because: string}>, nearest: array{everyDays: int, factor: float, because: string}|null, entries: list<array{kind: string, on: string, from: string, to: string, recipe: string|null, code: string, because: string, done: bool}>, gaps: list<array{from: string, to: string, because: string}>, limits: list<array{code: string, used: int, of: int}>}
 */
function courseOf(?string $trouble, string|array $methods, array $more = []): array
{
    return Courses::shipped()->answer(JsonText::parse(json_encode(['trouble' => $trouble, 'methods' => (array) $methods, 'start' => '2026-05-01', 'today' => '2026-05-01', 'zone' => 'UTC', 'pressure' => 'moderate', 'temperature_C' => 20, ...$more], \JSON_THROW_ON_ERROR)));
}

/**
 * @param array{entries: list<array{kind: string, on: string, ...}>, ...} $course
 *
 * @return list<int> days after the start
 */
function courseDays(array $course, string $kind): array
{
    $start = new DateTimeImmutable('2026-05-01');

    return array_values(array_map(static fn(array $act): int => (int) $start->diff(new DateTimeImmutable($act['on']))->format('%r%a'), array_filter($course['entries'], static fn(array $act): bool => $act['kind'] === $kind)));
}

/*
 * Every method at every pressure, at 20 °C, days of its rounds reckoned by hand before the code was written: as prevention, light, moderate,
 * heavy. Common practice, no source. Three rounds at least, or as many as may be in a row; on until what was there at first has hatched.
 */
it('lays out each method as its school has it', function (?string $trouble, string $method, array $more, array $rows): void {
    /**
     * @var array<string, mixed> $more
     * @var array{list<int>, list<int>, list<int>, list<int>} $rows
     */
    $byPressure = array_combine(['prevention', 'light', 'moderate', 'heavy'], $rows);
    foreach ($byPressure as $pressure => $days) {
        expect(courseDays(courseOf($trouble, $method, [...$more, 'pressure' => $pressure]), 'round'))->toBe($days, "{$method} {$pressure}");
    }
})->with([
    'M1' => ['grubs', 'empty-bed-neem-drench', ['plant' => 'empty-bed'], [[0], [0], [0], [0]]],
    'M2 alone' => ['mealybugs', 'soap-and-alcohol-by-eye', [], [[], [0, 7, 14, 21, 28, 35, 42], [0, 7, 14, 21, 28, 35, 42], [0, 7, 14, 21, 28, 35, 42]]],
    'M3' => ['early-blight', 'soda-leaf-spray', [], [[0, 14, 28, 42, 56, 70], [0, 14, 28], [0, 7, 14], [0, 7, 14]]],
    'M4' => ['aphids', 'egg-and-oil-milk', [], [[], [0, 7, 14], [0, 5, 10], [0, 5, 10]]],
    'M6' => ['spider-mites', 'neem-by-the-gallon', [], [[0, 14, 28, 42, 56, 70], [0, 7, 14], [0, 7, 14], [0, 4, 8]]],
    'M7' => ['aphids', 'castile-and-kitchen-oil', [], [[], [0, 7, 14], [0, 4, 8], [0, 2, 4]]],
    'M8' => ['aphids', 'orchard-neem', [], [[0], [0, 7, 14], [0, 7, 14], [0, 7, 14]]],
    'M9' => ['scale', 'winter-wood-oil', ['plant' => 'dormant-wood', 'pestStage' => 'winter'], [[0], [0], [0], [0]]],
    'M10' => ['aphids', 'neem-leaf-quart', [], [[0, 14, 28, 42, 56, 70], [0, 7, 14], [0, 7, 14], [0, 4, 8]]],
    'M11' => ['powdery-mildew', 'soda-and-neem', [], [[0, 14, 28, 42, 56, 70], [0, 7, 14], [0, 7, 14], [0, 7, 14]]],
    'M12' => ['mealybugs', 'gentle-neem', [], [[], [0, 3, 6], [0, 3, 6], [0, 3, 6]]],
    'M13' => ['spider-mites', 'alcohol-soap-and-brush', [], [[], [0, 7, 14], [0, 7, 14], [0, 7, 14]]],
    'M14' => ['aphids', 'kitchen-oil-by-the-quart', [], [[], [0, 7, 14], [0, 4, 8], [0, 2, 4]]],
    'M15' => ['flat-mites', 'fine-paraffin-mist', [], [[0, 182], [0], [0, 7], [0, 28, 56]]],
    'M16: no leaf bears it more often than weekly' => ['aphids', 'mint-oil-by-the-cup', [], [[], [0, 7, 14], [0, 7, 14], [0, 7, 14]]],
    'M17, alcohol' => ['mealybugs', 'mild-alcohol', [], [[], [0, 7, 14, 21], [0, 3, 6, 9], [0, 7, 14, 21]]],
    'M17, neem' => ['mealybugs', 'mild-neem', [], [[0, 10, 20, 30, 40, 50], [0, 7, 14, 21, 28, 35], [0, 7, 14, 21, 28, 35], [0, 4, 8, 12, 16, 20]]],
    'M18' => ['spider-mites', 'mint-mask', [], [[0, 10, 20, 30, 40, 50], [0, 7, 14], [0, 5, 10], [0, 4, 8]]],
    'M19' => ['leaf-beetles', 'beetle-neem', ['pestStage' => 'larvae'], [[0, 14, 28, 42, 56, 70], [0, 7, 14], [0, 7, 14], [0, 4, 8, 12]]],
    'M20' => ['spider-mites', 'weak-pot-drench', ['plant' => 'planted-soil'], [[0, 35], [0, 35], [0, 35], [0, 35]]],
    'M21' => ['spider-mites', 'rosemary-mist', [], [[0, 10, 20, 30, 40, 50], [0, 7, 14], [0, 5, 10], [0, 4, 8]]],
    'M22 on scale in leaf' => ['scale', 'true-neem-emulsion', ['pestStage' => 'crawlers'], [[0, 14, 28, 42, 56, 70], [0, 12, 24], [0, 12, 24], [0, 12, 24]]],
]);

// Methods in turn: common practice, no source.
it('lays out methods in turn', function (string $trouble, array $methods, array $more, array $days): void {
    /**
     * @var list<string>         $methods
     * @var array<string, mixed> $more
     */
    expect(courseDays(courseOf($trouble, $methods, $more), 'round'))->toBe($days);
})->with([
    'M2: alcohol and soap, neem, and on to day 51' => ['mealybugs', ['soap-and-alcohol-by-eye', 'mild-neem'], [], [0, 7, 17, 24, 34, 41, 51]],
    'the same in the cold' => ['mealybugs', ['soap-and-alcohol-by-eye', 'neem-leaf-quart'], ['temperature_C' => 12], [0, 7, 17, 24, 34, 41, 51]],
    'M3: peroxide, soda, again at 14' => ['early-blight', ['peroxide-in-turn', 'soda-leaf-spray'], ['pressure' => 'light'], [0, 3, 14, 17]],
    'M3: with the soil as its third leg' => ['early-blight', ['peroxide-in-turn', 'soda-leaf-spray', 'weak-pot-drench'], ['pressure' => 'light'], [0, 3, 6, 14, 17]],
]);

// The table of programmes: common practice, no source; thresholds from handbooks.
it('answers as a careful grower does', function (?string $trouble, string|array $methods, array $more, string $state, string $code, array $days): void {
    /**
     * @var string|list<string>  $methods
     * @var array<string, mixed> $more
     */
    $course = courseOf($trouble, $methods, $more);
    expect([$course['state'], $course['code']])->toBe([$state, $code], $course['because'])->and(courseDays($course, 'round'))->toBe($days);
    foreach ([...$course['entries'], ...$course['next']] as $act) {
        expect(preg_match('/\A[^{}]+\z/', $act['because']))->toBe(1, $act['because']);
    }
    expect(preg_match('/\A[^{}]+\z/', $course['because']))->toBe(1, $course['because'])->and($course['next'])->not->toBe([]);
})->with([
    'slugs' => ['slugs', 'plain-soap', [], 'refuse', 'no-spray', []],
    'gnats' => ['fungus-gnats', 'plain-soap', [], 'refuse', 'no-spray', []],
    'caterpillars' => ['caterpillars', 'plain-soap', [], 'refuse', 'no-spray', []],
    'virus' => ['virus', 'neem-leaf-quart', [], 'refuse', 'no-spray', []],
    'rot' => ['rot', 'neem-leaf-quart', [], 'refuse', 'no-spray', []],
    'drought' => ['drought', 'neem-leaf-quart', [], 'refuse', 'no-spray', []],
    'spray burn' => ['spray-burn', 'neem-leaf-quart', [], 'refuse', 'no-spray', []],
    'grown beetles' => ['leaf-beetles', 'beetle-neem', ['pestStage' => 'adults'], 'refuse', 'no-spray-now', []],
    'soap on grown mealybugs' => ['mealybugs', 'plain-soap', ['pestStage' => 'adults'], 'refuse', 'does-nothing', []],
    'soap on grown scale' => ['scale', 'plain-soap', ['pestStage' => 'adults'], 'refuse', 'does-nothing', []],
    'soap on mildew' => ['powdery-mildew', 'plain-soap', [], 'refuse', 'does-nothing', []],
    'mites in the cold' => ['spider-mites', 'plain-soap', ['temperature_C' => 11], 'wait', 'too-cold', []],
    'whitefly in the cold' => ['whitefly', 'plain-soap', ['temperature_C' => 8], 'wait', 'too-cold', []],
    'aphids in the cold' => ['aphids', 'plain-soap', ['temperature_C' => 4], 'wait', 'too-cold', []],
    'thrips in the cold' => ['thrips', 'plain-soap', ['temperature_C' => 9], 'wait', 'too-cold', []],
    'mealybugs in the cold' => ['mealybugs', 'mild-neem', ['temperature_C' => 8], 'wait', 'too-cold', []],
    'mealybugs in a cool room: no more than twice as slow' => ['mealybugs', 'mild-neem', ['temperature_C' => 11], 'go-on', 'on-its-day', [0, 14, 28, 42, 56]],
    'scale in leaf: three oils at twelve days' => ['scale', 'fine-paraffin-mist', ['pestStage' => 'crawlers'], 'go-on', 'on-its-day', [0, 12, 24]],
    'whitefly, soap, 22 °C' => ['whitefly', 'plain-soap', ['temperature_C' => 22], 'go-on', 'on-its-day', [0, 5, 10, 15, 20]],
    'mites at 26 °C' => ['spider-mites', 'plain-soap', ['temperature_C' => 26], 'go-on', 'on-its-day', [0, 5, 10]],
    'mites at 16 °C' => ['spider-mites', 'plain-soap', ['temperature_C' => 16], 'go-on', 'on-its-day', [0, 10, 20]],
    'winter oil' => ['scale', 'winter-wood-oil', ['plant' => 'dormant-wood', 'pestStage' => 'winter', 'budBreak' => '2026-05-20'], 'go-on', 'on-its-day', [0]],
    'winter oil once buds have broken' => ['scale', 'winter-wood-oil', ['plant' => 'dormant-wood', 'pestStage' => 'winter', 'budBreak' => '2026-04-20'], 'refuse', 'buds-have-broken', []],
    'daily, by the cup' => ['aphids', 'mint-oil-by-the-cup', ['everyDays' => 1], 'refuse', 'too-often', []],
    'paraffin every three days' => ['flat-mites', 'fine-paraffin-mist', ['everyDays' => 3], 'refuse', 'too-often', []],
    'soap every two days' => ['aphids', 'plain-soap', ['everyDays' => 2], 'go-on', 'on-its-day', [0, 2, 4]],
    'soap as prevention' => ['aphids', 'plain-soap', ['pressure' => 'prevention'], 'refuse', 'no-prevention', []],
    'neem as prevention against nothing that is named' => [null, 'neem-leaf-quart', ['pressure' => 'prevention'], 'go-on', 'prevention-begins', [0, 14, 28, 42, 56, 70]],
    'oil on a red maple' => ['aphids', 'neem-leaf-quart', ['plant' => ['kind' => 'red maple']], 'refuse', 'barred', []],
    'dry at the root' => ['aphids', 'plain-soap', ['plant' => ['kind' => 'rose', 'leaf' => 'ordinary-leaf', 'flags' => ['dry-root']]], 'wait', 'dry-root', [1, 6, 11]],
    'in bloom until the tenth' => ['aphids', 'plain-soap', ['plant' => ['kind' => 'rose', 'leaf' => 'ordinary-leaf'], 'bloomUntil' => '2026-05-10'], 'wait', 'in-bloom', [10, 15, 20]],
    'in bloom indoors: no bees' => ['aphids', 'plain-soap', ['plant' => ['kind' => 'rose', 'leaf' => 'ordinary-leaf', 'place' => 'indoors'], 'bloomUntil' => '2026-05-10'], 'go-on', 'on-its-day', [0, 5, 10]],
]);

// Common practice, no source: when it is fair to look; two clean looks and clean new growth, not one quiet week, end it; then it tapers:
// after about 10 days, then monthly.
it('looks when it is fair, twice before it ends, and then now and again', function (string $trouble, string $method, array $more, array $looks): void {
    /** @var array<string, mixed> $more */
    expect(courseDays(courseOf($trouble, $method, $more), 'look'))->toBe($looks);
})->with([
    'soap: next day' => ['aphids', 'plain-soap', [], [1, 6, 11, 20, 50]],
    'oil: after 2 days' => ['flat-mites', 'fine-paraffin-mist', [], [2, 9, 17, 47]],
    'neem: first after 3, judged after 7' => ['aphids', 'neem-leaf-quart', [], [3, 10, 21, 28, 58]],
    'mildew: after a week, when the next round is due' => ['powdery-mildew', 'soda-and-neem', [], [7, 14, 21, 28, 58]],
    'in the empty bed: after 3 days' => ['grubs', 'empty-bed-neem-drench', ['plant' => 'empty-bed'], [3]],
    'winter oil: at bud break, and in the season after' => ['scale', 'winter-wood-oil', ['plant' => 'dormant-wood', 'pestStage' => 'winter', 'budBreak' => '2026-05-31'], [30, 240]],
    'winter oil, while nobody said when buds break' => ['scale', 'winter-wood-oil', ['plant' => 'dormant-wood', 'pestStage' => 'winter'], [60, 240]],
]);

it('rinses the day after each round where its school does', function (): void {
    expect(courseDays(courseOf('aphids', 'castile-and-kitchen-oil', ['pressure' => 'heavy']), 'rinse'))->toBe([1, 3, 5])
        ->and(courseDays(courseOf('aphids', 'castile-and-kitchen-oil', ['pressure' => 'light']), 'rinse'))->toBe([1, 8, 15])
        ->and(courseDays(courseOf('aphids', 'kitchen-oil-by-the-quart', ['pressure' => 'heavy']), 'rinse'))->toBe([1, 3, 5])
        ->and(courseDays(courseOf('aphids', 'kitchen-oil-by-the-quart'), 'rinse'))->toBe([])
        ->and(courseDays(courseOf('aphids', 'plain-soap'), 'rinse'))->toBe([]);
});

it('names the reason where a round comes later than its school has it', function (): void {
    $rounds = array_values(array_filter(courseOf('aphids', 'mint-oil-by-the-cup')['entries'], static fn(array $act): bool => $act['kind'] === 'round'));
    expect($rounds[1]['because'])->toContain('4 %')->toContain('7 days');
});

it('says what may be instead of what was chosen', function (): void {
    $daily = courseOf('aphids', 'mint-oil-by-the-cup', ['everyDays' => 1]);
    expect($daily['nearest']['everyDays'] ?? 0)->toBe(7)->and($daily['nearest']['factor'] ?? 0.0)->toBe(1.0)->and($daily['nearest']['because'] ?? '')->toContain('7 days')
        // On a leaf that does not bear it at all, so much of it as that bears: 2 of 3.56 %.
        ->and(courseOf('aphids', 'mint-oil-by-the-cup', ['everyDays' => 1, 'plant' => 'ordinary-leaf'])['nearest']['factor'] ?? 0.0)->toBeGreaterThan(0.3)->toBeLessThan(0.6)
        ->and(courseOf('aphids', 'plain-soap')['nearest'])->toBeNull();
});

// Common practice, no source: soap does nothing to grown mealybugs, alcohol does.
it('leaves out what does nothing, says so, and goes on with what works', function (): void {
    $course = courseOf('mealybugs', ['plain-soap', 'mild-alcohol'], ['pestStage' => 'adults']);
    $said = array_column(array_filter($course['entries'], static fn(array $act): bool => $act['recipe'] === 'plain-soap'), 'because');
    expect($course['state'])->toBe('go-on')->and($said)->toBe(['Plain soap spray does nothing to it as it is now: it is left out.'])
        ->and(array_values(array_unique(array_column(array_filter($course['entries'], static fn(array $act): bool => $act['kind'] === 'round'), 'recipe'))))->toBe(['mild-alcohol'])
        ->and(array_column($course['next'], 'recipe'))->not->toContain('plain-soap');
});

// Labels, from memory: oil 8, neem 8, soap 12, alcohol 8, soda 10, winter oil 2 in a season.
it('counts what of a season is used, and changes when it is used up', function (): void {
    $had = array_map(static fn(int $i): array => ['on' => (new DateTimeImmutable('2026-05-01'))->modify('+' . 7 * $i . ' days')->format('Y-m-d'), 'kind' => 'round', 'recipe' => 'plain-soap'], range(0, 11));
    $course = courseOf('aphids', 'plain-soap', ['record' => $had, 'today' => '2026-08-01']);
    expect($course['limits'])->toBe([['code' => 'soap', 'used' => 12, 'of' => 12]])->and([$course['state'], $course['code']])->toBe(['change', 'season-used'])
        ->and(courseOf('aphids', 'plain-soap', ['record' => array_slice($had, 0, 2), 'today' => '2026-05-09'])['limits'])->toBe([['code' => 'soap', 'used' => 2, 'of' => 12]])
        // A new year is a new season.
        ->and(courseOf('aphids', 'plain-soap', ['record' => $had, 'today' => '2027-03-01'])['limits'])->toBe([['code' => 'soap', 'used' => 0, 'of' => 12]]);
});

/*
 * The weather to come, hour by hour from 1 May at 50° N: 18 °C, no wind, half a sky of cloud. Common practice, no source: nothing is sprayed in
 * the sun or the rain, soap wants four dry hours; where no hour may have it, it waits, and says until when.
 */
it('puts a round where its hours are', function (array $wet, string $state, string $code, ?string $on): void {
    $hours = [];
    for ($i = 0; $i < 72; ++$i) {
        $hours[] = ['at' => (new DateTimeImmutable('2026-05-01T00:00:00Z'))->modify("+{$i} hours")->format('Y-m-d\TH:i:s\Z'), 'temperature_C' => 18, 'humidity_percent' => 60, 'wind_kmh' => 2, 'rain_mm' => in_array(intdiv($i, 24), $wet, true) ? 2 : 0, 'cloud_percent' => 50];
    }
    $course = courseOf('aphids', 'plain-soap', ['place' => ['latitude' => 50, 'longitude' => 10, 'zone' => 'UTC'], 'hours' => $hours]);
    $round = array_values(array_filter($course['next'], static fn(array $act): bool => $act['kind'] === 'round'))[0] ?? ['on' => null, 'from' => '', 'to' => ''];
    expect([$course['state'], $course['code'], $round['on']])->toBe([$state, $code, $on], $course['because']);
    if ($code !== 'no-hour-this-week') {
        expect($round['from'])->toStartWith("{$on}T")->and($round['to'] > $round['from'])->toBeTrue();
    }
})->with([
    'dry' => [[], 'go-on', 'on-its-day', '2026-05-01'],
    'the first day wet' => [[0], 'wait', 'no-good-hour', '2026-05-02'],
    'two days wet' => [[0, 1], 'wait', 'no-good-hour', '2026-05-03'],
    'wet as far as is told' => [[0, 1, 2], 'wait', 'no-hour-this-week', '2026-05-04'],
]);
