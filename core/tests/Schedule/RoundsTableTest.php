<?php

declare(strict_types=1);

use IdleMixer\Core\Ask\Rounds;
use IdleMixer\Core\Document\JsonText;

/**
 * @param array<array-key, mixed> $recipes
 * @param array<array-key, mixed> $more
 *
 * @return array{entries: list<array{on: string, kind: string, recipe: string|null, because: string}>, gaps: list<array{from: string, to: string, because: string}>}
 */
function rounds(string $trouble, array $recipes, array $more = []): array
{
    return Rounds::shipped()->answer(JsonText::parse(json_encode(['trouble' => $trouble, 'recipes' => $recipes, 'start' => '2026-04-01', 'zone' => 'UTC', 'pressure' => 'infested', 'temperature_C' => 20, ...$more], \JSON_THROW_ON_ERROR)));
}

/**
 * @param list<array{on: string, kind: string, recipe: string|null, because: string}> $entries
 *
 * @return list<int> days after the first of April
 */
function daysOf(array $entries, string $kind): array
{
    $start = new DateTimeImmutable('2026-04-01');

    return array_values(array_map(static fn(array $entry): int => (int) $start->diff(new DateTimeImmutable($entry['on']))->format('%r%a'), array_filter($entries, static fn(array $entry): bool => $entry['kind'] === $kind)));
}

/*
 * Every method as it is practised, at 20 °C, read by eye before the code was written. Common practice, no source: intervals and
 * numbers of rounds; eggs of mealybugs hatch within 7 to 10 days, up to 45 in the cold, and are covered by rounds on days 0, 7,
 * 17, 24, 34, 41 and 51. At least three rounds where practice names no number; on until what was laid on day 0 has hatched; what
 * lays no eggs goes through a rotation twice, with the soil treated once.
 */
it('lays out each method as it is practised', function (string $trouble, array $recipes, array $more, array $sprays, array $rinses): void {
    $entries = rounds($trouble, $recipes, $more)['entries'];
    expect(daysOf($entries, 'spray'))->toBe($sprays)->and(daysOf($entries, 'rinse'))->toBe($rinses);
    foreach ($entries as $entry) {
        expect(preg_match('/\A[^{}]+\z/', $entry['because']))->toBe(1, $entry['because']);
    }
})->with([
    'neem drench, empty bed' => ['grubs', ['empty-bed-neem-drench'], ['plant' => 'empty-bed'], [0], []],
    'alcohol and soap, neem in turn, in the cold' => ['mealybugs', ['soap-and-alcohol-by-eye', 'neem-leaf-quart'], ['temperature_C' => 12], [0, 7, 17, 24, 34, 41, 51], []],
    'alcohol and soap, neem in turn, in a warm room' => ['mealybugs', ['soap-and-alcohol-by-eye', 'neem-leaf-quart'], ['temperature_C' => 25], [0, 7, 17], []],
    'peroxide, then soda' => ['early-blight', ['peroxide-in-turn', 'soda-leaf-spray'], [], [0, 3, 14, 17], []],
    'peroxide, then soda, then the soil' => ['early-blight', ['peroxide-in-turn', 'soda-leaf-spray', 'weak-pot-drench'], [], [0, 3, 6, 14, 17], []],
    'egg and oil' => ['aphids', ['egg-and-oil-milk'], [], [0, 3, 6], []],
    'a swab, over weeks' => ['mealybugs', ['half-alcohol-swab'], [], [0, 7, 14, 21], []],
    'neem, label style' => ['spider-mites', ['neem-by-the-gallon'], [], [0, 7, 14], []],
    'soap and kitchen oil, rinsed between' => ['aphids', ['castile-and-kitchen-oil'], [], [0, 2, 4], [1, 3, 5]],
    'orchard neem' => ['aphids', ['orchard-neem'], [], [0, 14], []],
    'winter oil' => ['scale', ['winter-wood-oil'], ['plant' => 'dormant-wood'], [0], []],
    'neem by the quart' => ['aphids', ['neem-leaf-quart'], [], [0, 7, 14], []],
    'soda and neem' => ['powdery-mildew', ['soda-and-neem'], [], [0, 7, 14], []],
    'neem on succulents' => ['mealybugs', ['gentle-neem'], [], [0, 3, 6, 9, 12, 15], []],
    'alcohol, soap and a brush' => ['spider-mites', ['alcohol-soap-and-brush'], [], [0, 7, 14], []],
    'kitchen oil by the quart' => ['aphids', ['kitchen-oil-by-the-quart'], [], [0, 7, 14], []],
    'paraffin oil, 1 %' => ['flat-mites', ['fine-paraffin-mist'], [], [0, 7, 14, 21], []],
    'kitchen oil by the cup: daily by its school, but no leaf bears that' => ['aphids', ['mint-oil-by-the-cup'], [], [0, 7, 14], []],
    'mild soap' => ['mealybugs', ['mild-soap'], [], [0, 7, 14, 21], []],
    'mild neem' => ['mealybugs', ['mild-neem'], [], [0, 10, 20], []],
    'mint mask, outbreak' => ['spider-mites', ['mint-mask'], [], [0, 5, 10], []],
    'neem on potatoes' => ['leaf-beetles', ['beetle-neem'], [], [0, 3, 6, 9, 12], []],
    'weak neem in the pot' => ['spider-mites', ['weak-pot-drench'], [], [0, 35], []],
    'rosemary' => ['spider-mites', ['rosemary-mist'], [], [0, 7, 14], []],
    'true neem emulsion' => ['scale', ['true-neem-emulsion'], [], [0, 7, 14, 21, 28, 35], []],
    'soap on whitefly, every 5 days' => ['whitefly', ['plain-soap'], [], [0, 5, 10, 15], []],
    'soda with oil by the book' => ['powdery-mildew', ['soda-and-oil-by-the-book'], [], [0, 7, 14], []],

    // As prevention.
    'neem as prevention: every 2 to 4 weeks' => ['aphids', ['neem-leaf-quart'], ['pressure' => 'prevention'], [0, 14, 28, 42, 56, 70, 84], []],
    'mild neem as prevention: every 10 to 15 days' => ['mealybugs', ['mild-neem'], ['pressure' => 'prevention'], [0, 10, 20, 30, 40, 50, 60, 70, 80, 90], []],
    'masking scent: 7 to 10 days' => ['spider-mites', ['mint-mask'], ['pressure' => 'prevention'], [0, 7, 14, 21, 28, 35, 42, 49, 56, 63, 70, 77], []],
    'soap and kitchen oil, never as prevention' => ['aphids', ['castile-and-kitchen-oil'], ['pressure' => 'prevention'], [], []],
    'soap needs a pest to wet' => ['aphids', ['plain-soap'], ['pressure' => 'prevention'], [], []],

    // At a pace of one's own.
    'soap every day' => ['aphids', ['plain-soap'], ['interval_days' => 1], [0, 1, 2], []],
    'oil every day: 1 % only after 7' => ['spider-mites', ['fine-paraffin-mist'], ['interval_days' => 1], [0, 7, 14], []],
    'neem every 10 days' => ['aphids', ['neem-leaf-quart'], ['interval_days' => 10], [0, 10, 20], []],
]);

// Common practice, no source: when it is fair to look; two clean looks and clean new growth, not one quiet week, end it; then it
// tapers: after about 10 days, then monthly.
it('looks when it is fair, twice before it ends, and then now and again', function (string $trouble, array $recipes, array $more, array $looks): void {
    expect(daysOf(rounds($trouble, $recipes, $more)['entries'], 'look'))->toBe($looks);
})->with([
    'soap: next day' => ['aphids', ['plain-soap'], [], [1, 6, 11, 20, 50]],
    'oil: after 2 days' => ['spider-mites', ['fine-paraffin-mist'], [], [2, 9, 16, 24, 54]],
    'neem: first after 3, judged after 7' => ['aphids', ['neem-leaf-quart'], [], [3, 10, 21, 28, 58]],
    'mildew: after a week, when the next round is due' => ['powdery-mildew', ['soda-and-oil-by-the-book'], [], [7, 14, 21, 28, 58]],
    'in the empty bed: after 3 days' => ['grubs', ['empty-bed-neem-drench'], ['plant' => 'empty-bed'], [3]],
    'winter oil: at bud break, and in the season after' => ['scale', ['winter-wood-oil'], ['plant' => 'dormant-wood'], [60, 240]],
]);

it('names the reason where a round comes later than its school has it', function (): void {
    $entries = rounds('aphids', ['mint-oil-by-the-cup'])['entries'];
    $sprays = array_values(array_filter($entries, static fn(array $entry): bool => $entry['kind'] === 'spray'));
    expect($sprays[1]['because'])->toContain('4 %')->toContain('7 days');
});

it('says why there is nothing to spray', function (): void {
    $answer = rounds('aphids', ['castile-and-kitchen-oil'], ['pressure' => 'prevention']);
    expect($answer['entries'][0]['kind'])->toBe('look')->and($answer['entries'][0]['because'])->toContain('outbreak');
});
