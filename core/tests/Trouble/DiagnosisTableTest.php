<?php

declare(strict_types=1);

use IdleMixer\Core\Trouble\Diagnosis;
use IdleMixer\Core\Trouble\Finding;
use IdleMixer\Core\Trouble\Suspect;
use IdleMixer\Core\Trouble\Trouble;
use IdleMixer\Core\Trouble\TroubleCatalogue;

/*
 * What a careful grower says to these signs: common practice, no source. Written down before the numbers. A word with a minus
 * was looked for and not there.
 */

/** @return list<string> slugs of the first suspect, in the order of the alphabet */
function firstOf(Diagnosis $diagnosis): array
{
    $slugs = array_map(static fn(Trouble $trouble): string => $trouble->slug, $diagnosis->suspects()[0]->troubles ?? []);
    sort($slugs);

    return $slugs;
}

/** @return array<string, bool> */
function told(string $words): array
{
    $seen = [];
    foreach (explode(' ', $words) as $word) {
        $seen[ltrim($word, '-')] = ! str_starts_with($word, '-');
    }

    return $seen;
}

function diagnosed(string $words, ?float $sprayedDaysAgo = null): Diagnosis
{
    $catalogue = TroubleCatalogue::shipped();

    return new Diagnosis($catalogue, $catalogue->sprayed(told($words), $sprayedDaysAgo));
}

it('names one trouble', function (string $words, string $trouble): void {
    expect(firstOf(diagnosed($words)))->toBe([$trouble]);
})->with([
    ['clusters-on-tips honeydew newest-worst', 'aphids'],
    ['clusters-on-tips ants sooty-film', 'aphids'],
    ['cast-skins curled-tips ants honeydew', 'aphids'],
    ['white-fluff honeydew ants', 'mealybugs'],
    ['white-fluff sooty-film leaf-drop over-weeks', 'mealybugs'],
    ['stipple webs', 'spider-mites'],
    ['stipple yellow-patches hot-dry-air', 'spider-mites'],
    ['webs moving-specks leaf-drop', 'spider-mites'],
    ['bronzing -webs -stipple moving-specks yellow-patches', 'flat-mites'],
    ['domes crawlers ants', 'scale'],
    ['domes sooty-film leaf-drop', 'scale'],
    ['white-flies sooty-film yellow-patches', 'whitefly'],
    ['white-flies cast-skins', 'whitefly'],
    ['silvering slender-insects curled-tips', 'thrips'],
    ['beetles holes', 'leaf-beetles'],
    ['caterpillars holes overnight', 'caterpillars'],
    // Prayer plants stop moving where mites suck on them. Common practice, no source.
    ['still-at-night stipple', 'spider-mites'],
    ['slime holes overnight after-wet-weeks', 'slugs'],
    ['soil-flies lately-watered-much', 'fungus-gnats'],
    ['soil-grubs gnawed-roots', 'grubs'],
    ['blisters newest-worst', 'blister-mites'],
    ['wood-eggs', 'overwintering-eggs'],
    ['white-film -fluff-smears', 'powdery-mildew'],
    ['ringed-spots from-below yellow-patches', 'early-blight'],
    ['fringed-spots leaf-drop from-below', 'black-spot'],
    ['pustules yellow-patches after-wet-weeks', 'rust'],
    ['mosaic curled-tips newest-worst', 'virus'],
    ['soft-base limp-on-wet lately-watered-much', 'rot'],
    ['limp-on-wet lately-watered-much -soft-base yellow-patches', 'overwatering'],
    ['limp-on-dry hot-dry-air', 'drought'],
    ['bleached lately-moved hot-dry-air', 'sunburn'],
    ['black-after-cold overnight', 'cold'],
    ['pale-old-leaves over-weeks', 'hunger'],
    ['tunnels', 'leaf-miner'],
    ['tunnels yellow-patches', 'leaf-miner'],
    ['hard-twisted newest-worst -webs', 'broad-mites'],
    ['hard-twisted bronzing curled-tips -moving-specks', 'broad-mites'],
    ['corky-bumps lately-watered-much', 'edema'],
    ['salt-crust brown-tips', 'salt-burn'],
    ['wet-marks clean-new-growth', 'spray-burn'],
]);

it('names a burn from a spray when it was sprayed within three days, and not when it was not', function (string $words, ?float $days, string $trouble): void {
    expect(firstOf(diagnosed($words, $days)))->toBe([$trouble]);
})->with([
    'bleached, the day after a round' => ['bleached', 1.0, 'spray-burn'],
    'bleached and dry edges two days after' => ['bleached brown-tips', 2.0, 'spray-burn'],
    'bleached, nothing new, three days after' => ['bleached clean-new-growth', 3.0, 'spray-burn'],
    'bleached, never sprayed, put outdoors' => ['bleached lately-moved', null, 'sunburn'],
    'bleached, sprayed two weeks ago' => ['bleached hot-dry-air', 14.0, 'sunburn'],
    'marks where it was wet, sprayed yesterday' => ['wet-marks', 1.0, 'spray-burn'],
]);

it('proposes the pair where the signs do not fit one', function (string $words, array $pair): void {
    expect(firstOf(diagnosed($words)))->toBe($pair);
})->with([
    ['white-flies stipple webs', ['spider-mites', 'whitefly']],
    ['white-flies honeydew stipple', ['spider-mites', 'whitefly']],
    ['clusters-on-tips honeydew white-film', ['aphids', 'powdery-mildew']],
    ['clusters-on-tips white-film curled-tips', ['aphids', 'powdery-mildew']],
    ['white-fluff domes', ['mealybugs', 'scale']],
    ['stipple white-film webs', ['powdery-mildew', 'spider-mites']],
    ['fringed-spots clusters-on-tips', ['aphids', 'black-spot']],
    ['silvering stipple webs', ['spider-mites', 'thrips']],
    ['slime caterpillars holes', ['caterpillars', 'slugs']],
    ['pustules clusters-on-tips ants', ['aphids', 'rust']],
    ['soil-flies white-fluff', ['fungus-gnats', 'mealybugs']],
    ['white-flies pustules', ['rust', 'whitefly']],
]);

it('leaves open what cannot be told yet', function (string $words): void {
    expect(diagnosed($words)->finding())->toBe(Finding::CannotTell);
})->with([['holes'], ['honeydew'], ['curled-tips'], ['yellow-patches'], ['leaf-drop yellow-patches'], ['honeydew sooty-film'], ['newest-worst curled-tips']]);

// Three and four troubles at once were none of these until they were given to several: SeveralAtOnceTest.
it('says none of these when nothing fits, and what to look at', function (string $words): void {
    $diagnosis = diagnosed($words);
    expect($diagnosis->finding())->toBe(Finding::NoneFits)->and($diagnosis->suspects())->toBe([])->and($diagnosis->looks())->not->toBe([]);
})->with([
    'everything that would explain it was looked for' => ['leaf-drop -yellow-patches -limp-on-wet -limp-on-dry -fringed-spots -white-fluff -domes -stipple -moving-specks -black-after-cold -pale-old-leaves -wet-marks -bronzing -soft-base -from-below -after-wet-weeks -hot-dry-air -over-weeks -lately-watered-much -honeydew -brown-tips'],
]);

it('gives every suspect what speaks for it', function (): void {
    $pair = diagnosed('white-flies stipple webs')->suspects()[0];
    expect(array_column($pair->for, 'slug'))->toBe(['white-flies', 'stipple', 'webs'])->and($pair->against)->toBe([])
        ->and(array_sum(array_map(static fn(Suspect $suspect): float => $suspect->chance, diagnosed('white-flies stipple webs')->suspects())))->toBeLessThanOrEqual(1.0 + 1e-9);
});
