<?php

declare(strict_types=1);

use IdleMixer\Core\Trouble\Diagnosis;
use IdleMixer\Core\Trouble\Finding;
use IdleMixer\Core\Trouble\Trouble;
use IdleMixer\Core\Trouble\TroubleCatalogue;

/*
 * What a careful grower says where three and more troubles are there at once, where it is no pest, and where two look alike: common practice,
 * no source. Written down by hand before there was a rule. A word with a minus was looked for and not there.
 */

function lookedFor(string $words, ?float $sprayedDaysAgo = null): Diagnosis
{
    $seen = [];
    foreach ($words === '' ? [] : explode(' ', $words) as $word) {
        $seen[ltrim($word, '-')] = ! str_starts_with($word, '-');
    }
    $catalogue = TroubleCatalogue::shipped();

    return new Diagnosis($catalogue, $catalogue->sprayed($seen, $sprayedDaysAgo));
}

/** @return list<string> slugs of what is likeliest, in the order of the alphabet */
function likeliest(Diagnosis $diagnosis): array
{
    $slugs = array_map(static fn(Trouble $trouble): string => $trouble->slug, $diagnosis->suspects()[0]->troubles ?? []);
    sort($slugs);

    return $slugs;
}

it('names three and more at once', function (string $words, array $troubles): void {
    expect(likeliest(lookedFor($words)))->toBe($troubles);
})->with([
    ['white-flies stipple webs white-fluff', ['mealybugs', 'spider-mites', 'whitefly']],
    ['clusters-on-tips white-film fringed-spots', ['aphids', 'black-spot', 'powdery-mildew']],
    ['clusters-on-tips ants white-film pustules', ['aphids', 'powdery-mildew', 'rust']],
    ['white-fluff domes stipple webs', ['mealybugs', 'scale', 'spider-mites']],
    ['white-flies soil-flies stipple', ['fungus-gnats', 'spider-mites', 'whitefly']],
    ['silvering stipple webs clusters-on-tips', ['aphids', 'spider-mites', 'thrips']],
    ['slime caterpillars beetles', ['caterpillars', 'leaf-beetles', 'slugs']],
    ['mosaic domes ringed-spots', ['early-blight', 'scale', 'virus']],
    ['tunnels white-film clusters-on-tips honeydew', ['aphids', 'leaf-miner', 'powdery-mildew']],
    ['soil-grubs slime clusters-on-tips', ['aphids', 'grubs', 'slugs']],
    ['white-flies pustules slime', ['rust', 'slugs', 'whitefly']],
    ['domes crawlers soil-flies salt-crust brown-tips', ['fungus-gnats', 'salt-burn', 'scale']],
    ['bleached lately-moved clusters-on-tips white-film', ['aphids', 'powdery-mildew', 'sunburn']],
    ['wood-eggs domes blisters', ['blister-mites', 'overwintering-eggs', 'scale']],
    ['corky-bumps stipple webs white-flies', ['edema', 'spider-mites', 'whitefly']],
    ['silvering slender-insects mosaic white-flies', ['thrips', 'virus', 'whitefly']],
    ['slime white-film blisters soil-grubs', ['blister-mites', 'grubs', 'powdery-mildew', 'slugs']],
    ['clusters-on-tips white-flies stipple white-film', ['aphids', 'powdery-mildew', 'spider-mites', 'whitefly']],
    ['wood-eggs tunnels slime', ['leaf-miner', 'overwintering-eggs', 'slugs']],
    ['white-fluff soil-flies soft-base limp-on-wet', ['fungus-gnats', 'mealybugs', 'rot']],
    ['grey-mould white-flies clusters-on-tips', ['aphids', 'grey-mould', 'whitefly']],
    ['yellow-angles grey-under clusters-on-tips stipple webs', ['aphids', 'downy-mildew', 'spider-mites']],
]);

it('tells each of several its own chance, with the signs that speak for it', function (): void {
    $each = lookedFor('white-flies stipple webs white-fluff')->each();
    $found = [];
    foreach ($each as $one) {
        $found[$one->troubles[0]->slug] = array_column($one->for, 'slug');
    }
    expect($found['whitefly'] ?? [])->toBe(['white-flies'])->and($found['spider-mites'] ?? [])->toBe(['stipple', 'webs'])->and($found['mealybugs'] ?? [])->toBe(['white-fluff']);
    foreach ($each as $one) {
        expect($one->chance)->toBeGreaterThan(0.0)->toBeLessThanOrEqual(1.0 + 1e-9);
    }
});

it('tells what is no pest', function (string $words, string $trouble, ?float $sprayedDaysAgo = null): void {
    $diagnosis = lookedFor($words, $sprayedDaysAgo);
    expect(likeliest($diagnosis))->toBe([$trouble]);
})->with([
    ['wipes-off white-film', 'spray-residue', 1.0],
    ['wipes-off', 'spray-residue', 2.0],
    ['strap-like several-kinds', 'weed-killer-drift'],
    ['strap-like newest-worst -moving-specks', 'weed-killer-drift'],
    ['pale-between-veins newest-worst over-weeks', 'iron-hunger'],
    ['pale-between-veins from-below over-weeks', 'magnesium-hunger'],
    ['pale-old-leaves over-weeks', 'hunger'],
    ['silvering clean-new-growth -slender-insects', 'thrips-scars'],
    ['black-after-cold overnight', 'cold'],
    ['bleached lately-moved hot-dry-air', 'sunburn'],
    ['limp-on-dry brown-tips hot-dry-air', 'drought'],
    ['limp-on-wet lately-watered-much yellow-patches -soft-base', 'overwatering'],
    ['corky-bumps lately-watered-much', 'edema'],
    ['salt-crust brown-tips over-weeks', 'salt-burn'],
    ['wet-marks clean-new-growth', 'spray-burn', 2.0],
]);

it('tells apart what looks alike', function (string $words, string $trouble): void {
    expect(likeliest(lookedFor($words)))->toBe([$trouble]);
})->with([
    'late blight, not early' => ['wet-spreading after-wet-weeks', 'late-blight'],
    'late blight with white at the edge below' => ['wet-spreading grey-under', 'late-blight'],
    'early blight, not late' => ['ringed-spots from-below -wet-spreading', 'early-blight'],
    'downy mildew, not powdery' => ['yellow-angles grey-under', 'downy-mildew'],
    'downy mildew after wet weeks' => ['yellow-angles after-wet-weeks', 'downy-mildew'],
    'powdery mildew, not downy' => ['white-film -yellow-angles -grey-under', 'powdery-mildew'],
    'powdery mildew, not a dried spray' => ['white-film -wipes-off', 'powdery-mildew'],
    'grey mould' => ['grey-mould after-wet-weeks', 'grey-mould'],
    'leaf curl, not aphids' => ['puckered-red curled-tips -clusters-on-tips', 'leaf-curl'],
    'woolly aphids, not mealybugs' => ['woolly-bark ants', 'woolly-aphids'],
    'mealybugs, not woolly aphids' => ['white-fluff fluff-smears', 'mealybugs'],
    'root mealybugs' => ['white-on-roots limp-on-wet', 'root-mealybugs'],
    'root mealybugs, not grubs' => ['white-on-roots -soil-grubs over-weeks', 'root-mealybugs'],
    'thrips, not their scars' => ['silvering slender-insects', 'thrips'],
    'broad mites, not drift' => ['hard-twisted bronzing -several-kinds', 'broad-mites'],
    'aphids, not leaf curl' => ['clusters-on-tips curled-tips -puckered-red', 'aphids'],
]);

it('takes that nothing was found for an answer', function (): void {
    $diagnosis = lookedFor('-webs -white-fluff -clusters-on-tips');
    expect($diagnosis->finding())->toBe(Finding::FoundNothing)->and($diagnosis->suspects())->toBe([]);
});

it('says none of these only where no sign speaks for anything', function (): void {
    foreach (array_keys(TroubleCatalogue::shipped()->signs) as $sign) {
        foreach (['domes', 'webs', 'slime'] as $other) {
            expect(lookedFor("{$sign} {$other}")->finding())->not->toBe(Finding::NoneFits, "{$sign} {$other}");
        }
    }
});

it('says of a look what it tells apart, and not what is there anyway', function (): void {
    $look = lookedFor('clusters-on-tips white-film fringed-spots')->looks()[0];
    expect($look->look->slug)->toBe('wet-finger')->and($look->yesNames())->toBe(['Dried spray'])->and($look->noNames())->toBe(['Powdery mildew']);
});
