<?php

declare(strict_types=1);

use IdleMixer\Core\Source\SourceCatalogue;
use IdleMixer\Core\Source\UnknownSource;
use IdleMixer\Core\Trouble\Cause;
use IdleMixer\Core\Trouble\Diagnosis;
use IdleMixer\Core\Trouble\Finding;
use IdleMixer\Core\Trouble\Likelihood;
use IdleMixer\Core\Trouble\Sign;
use IdleMixer\Core\Trouble\Trouble;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Trouble\TroubleKind;
use IdleMixer\Core\Trouble\UnknownSign;
use IdleMixer\Core\Trouble\UnknownTrouble;

/**
 * "a b -c": a and b were seen, c was looked for and not there.
 *
 * @return array<string, bool>
 */
function signs(string $words): array
{
    $seen = [];
    foreach (explode(' ', $words) as $word) {
        $seen[ltrim($word, '-')] = ! str_starts_with($word, '-');
    }

    return $seen;
}

/** @param array<string, bool> $seen */
function diagnose(array $seen): Diagnosis
{
    return new Diagnosis(TroubleCatalogue::shipped(), $seen);
}

// Which trouble shows which signs: common practice, no source.
it('puts the suspect first that practice names', function (string $words, string $trouble): void {
    $diagnosis = diagnose(signs($words));
    $first = $diagnosis->suspects()[0]->troubles[0];

    expect($first->slug)->toBe($trouble)
        ->and($diagnosis->finding())->toBe($first->kind === TroubleKind::Care ? Finding::ProbablyNoPest : Finding::Likely);
})->with([
    ['clusters-on-tips honeydew ants', 'aphids'],
    ['clusters-on-tips cast-skins', 'aphids'],
    ['clusters-on-tips curled-tips newest-worst', 'aphids'],
    ['honeydew ants curled-tips cast-skins', 'aphids'],
    ['white-fluff honeydew leaf-drop', 'mealybugs'],
    ['white-fluff fluff-smears', 'mealybugs'],
    ['white-fluff', 'mealybugs'],
    ['stipple webs yellow-patches', 'spider-mites'],
    ['stipple moving-specks', 'spider-mites'],
    ['webs moving-specks hot-dry-air', 'spider-mites'],
    ['stipple hot-dry-air webs', 'spider-mites'],
    ['bronzing moving-specks -webs', 'flat-mites'],
    ['bronzing moving-specks leaf-drop -stipple', 'flat-mites'],
    ['domes ants', 'scale'],
    ['domes honeydew sooty-film', 'scale'],
    ['domes crawlers', 'scale'],
    ['white-flies honeydew', 'whitefly'],
    ['white-flies', 'whitefly'],
    ['silvering slender-insects', 'thrips'],
    ['silvering newest-worst', 'thrips'],
    ['beetles yellow-eggs holes', 'leaf-beetles'],
    ['beetles', 'leaf-beetles'],
    ['yellow-eggs holes -caterpillars', 'leaf-beetles'],
    ['caterpillars holes', 'caterpillars'],
    ['slime holes', 'slugs'],
    ['slime after-wet-weeks', 'slugs'],
    ['soil-flies lately-watered-much', 'fungus-gnats'],
    ['soil-grubs gnawed-roots', 'grubs'],
    ['gnawed-roots soil-grubs limp-on-wet', 'grubs'],
    ['blisters', 'blister-mites'],
    ['wood-eggs', 'overwintering-eggs'],
    ['white-film', 'powdery-mildew'],
    ['white-film curled-tips newest-worst', 'powdery-mildew'],
    ['ringed-spots from-below after-wet-weeks', 'early-blight'],
    ['ringed-spots', 'early-blight'],
    ['fringed-spots leaf-drop', 'black-spot'],
    ['fringed-spots after-wet-weeks', 'black-spot'],
    ['pustules', 'rust'],
    ['pustules yellow-patches', 'rust'],
    ['mosaic curled-tips', 'virus'],
    ['soft-base limp-on-wet', 'rot'],
    ['limp-on-wet lately-watered-much -soft-base', 'overwatering'],
    ['limp-on-dry hot-dry-air', 'drought'],
    ['bleached lately-moved', 'sunburn'],
    ['black-after-cold', 'cold'],
    ['pale-old-leaves pale-between-veins', 'hunger'],
]);

// Signs that fit several: common practice, no source.
it('leaves open what cannot be told yet', function (string $words): void {
    expect(diagnose(signs($words))->finding())->toBe(Finding::CannotTell);
})->with([
    ['holes'], ['honeydew'], ['honeydew ants'], ['curled-tips'], ['sooty-film'], ['bronzing yellow-patches -webs'],
    ['yellow-patches after-wet-weeks'], ['honeydew sooty-film'], ['from-below after-wet-weeks'], ['curled-tips yellow-patches'], ['holes after-wet-weeks -slime'], ['leaf-drop yellow-patches'],
]);

it('says nothing while nothing was seen', function (): void {
    expect(diagnose([])->finding())->toBe(Finding::NothingSeen)
        ->and(diagnose(['webs' => false])->finding())->toBe(Finding::FoundNothing)
        ->and(diagnose([])->suspects())->toBe([])->and(diagnose([])->looks())->toBe([]);
});

it('gives the reasons for and against', function (): void {
    $suspects = diagnose(signs('clusters-on-tips ants from-below -honeydew'))->suspects();
    $slugs = static fn(array $signs): array => array_column($signs, 'slug');

    expect($suspects[0]->troubles[0]->slug)->toBe('aphids')
        ->and($slugs($suspects[0]->for))->toBe(['clusters-on-tips', 'ants'])
        ->and($slugs($suspects[0]->against))->toBe(['from-below'])
        ->and($slugs($suspects[0]->missing))->toBe(['honeydew']);
});

it('proposes only looks that really split the suspects they are proposed for', function (): void {
    $catalogue = TroubleCatalogue::shipped();
    $all = array_keys($catalogue->signs);
    $proposed = 0;
    foreach ($all as $i => $one) {
        foreach (array_slice($all, $i + 1) as $two) {
            $seen = [$one => true, $two => true];
            $diagnosis = diagnose($seen);
            $suspects = array_map(static fn($suspect): string => $suspect->name, $diagnosis->suspects());
            if ($diagnosis->finding() === Finding::NoneFits) {
                continue;
            }
            foreach ($diagnosis->looks() as $look) {
                ++$proposed;
                $share = static fn(Cause $cause): float => $cause->shareOf($look->look->sign);
                $yes = array_map($share, $look->yes);
                $no = array_map($share, $look->no);
                assert($yes !== [] && $no !== []);
                expect(min($yes))->toBeGreaterThan(max($no))
                    ->and(max($yes) - min($no))->toBeGreaterThanOrEqual(Diagnosis::SPLIT)
                    ->and($look->bits)->toBeGreaterThanOrEqual(Diagnosis::WORTH_BITS)
                    ->and(array_map(static fn(Cause $cause): string => $cause->name(), [...$look->yes, ...$look->no]))->toEqualCanonicalizing($suspects)
                    ->and($seen)->not->toHaveKey($look->look->sign->slug);
            }
        }
    }
    expect($proposed)->toBeGreaterThan(500);
});

// Checked by hand: which look would a gardener take first. Common practice, no source.
it('proposes the look that a gardener would take', function (string $words, string $look): void {
    expect(array_map(static fn($proposed): string => $proposed->look->slug, diagnose(signs($words))->looks()))->toContain($look);
})->with([
    'fluff or film: alcohol tells' => ['white-film white-fluff', 'alcohol-on-fluff'],
    'eaten leaves: dusk tells slugs' => ['holes', 'dusk'],
    'sticky with ants: look at the tips' => ['honeydew ants', 'tips'],
    'dull leaves with specks: webs tell the mites apart' => ['moving-specks yellow-patches', 'webs-against-light'],
    'limp on wet soil: press the base' => ['limp-on-wet', 'press-base'],
]);

it('reckons by the rule of Bayes, by hand', function (): void {
    // Worked by hand: two troubles, one sign. Odds 3 to 1 before; 0.8 against 0.2 when seen: 12 to 1; 0.2 against 0.8 when not: 3 to 4.
    $sources = SourceCatalogue::shipped();
    $signs = ['s' => ['group' => 'marks', 'words' => 's', 'drawing' => 's', 'usual' => 0.1, 'source' => 'house']];
    $row = static fn(float $weight): array => ['name' => 'x', 'kind' => 'insect', 'commonness' => $weight, 'signs' => [], 'matters' => '', 'stages' => ['any'], 'source' => 'house'];
    $catalogue = new TroubleCatalogue($signs, ['a' => $row(3.0), 'b' => $row(1.0)], [], $sources);
    $with = static fn(Trouble $trouble, float $share): Trouble => new Trouble($trouble->slug, $trouble->name, $trouble->kind, $trouble->commonness, ['s' => $share], '', ['any']);
    $likelihood = new Likelihood(['a' => $with($catalogue->trouble('a'), 0.8), 'b' => $with($catalogue->trouble('b'), 0.2)], $catalogue->signs);

    expect($likelihood->given([])['a'])->toEqualWithDelta(0.75, 1e-12)
        ->and($likelihood->given(['s' => true])['a'])->toEqualWithDelta(12 / 13, 1e-12)
        ->and($likelihood->given(['s' => false])['a'])->toEqualWithDelta(3 / 7, 1e-12)
        ->and(Likelihood::entropy(['a' => 0.5, 'b' => 0.5]))->toEqualWithDelta(1.0, 1e-12)
        // H(3/4) = 0.811278; P(yes) = 0.65; H(12/13) = 0.391244; H(3/7) = 0.985228.
        ->and($likelihood->expectedBits($catalogue->sign('s'), []))->toEqualWithDelta(0.811278 - 0.65 * 0.391244 - 0.35 * 0.985228, 1e-5);
});

it('fails on a bad row', function (): void {
    $sources = SourceCatalogue::shipped();
    $signs = ['s' => ['group' => 'marks', 'words' => 's', 'drawing' => 's', 'usual' => 0.1, 'source' => 'house']];
    $trouble = ['name' => 'x', 'kind' => 'insect', 'commonness' => 1.0, 'signs' => ['s' => 'u'], 'matters' => '', 'stages' => ['any'], 'source' => 'house'];

    expect(static fn() => new TroubleCatalogue($signs, ['x' => [...$trouble, 'signs' => ['t' => 'u']]], [], $sources))->toThrow(UnknownSign::class)
        ->and(static fn() => new TroubleCatalogue($signs, ['x' => [...$trouble, 'signs' => ['s' => 'x']]], [], $sources))->toThrow(UnknownSign::class)
        ->and(static fn() => new TroubleCatalogue($signs, ['x' => [...$trouble, 'source' => 'hearsay']], [], $sources))->toThrow(UnknownSource::class)
        ->and(static fn() => new TroubleCatalogue($signs, ['x' => [...$trouble, 'kind' => 'ghost']], [], $sources))->toThrow(ValueError::class)
        ->and(static fn() => TroubleCatalogue::shipped()->trouble('ghosts'))->toThrow(UnknownTrouble::class)
        ->and(static fn() => diagnose(['ghosts' => true]))->toThrow(UnknownSign::class);
});

it('has a usable row for every sign and trouble', function (): void {
    $catalogue = TroubleCatalogue::shipped();
    $named = [];
    foreach ($catalogue->troubles as $trouble) {
        array_push($named, ...array_keys($trouble->signs));
        expect($trouble->commonness)->toBeGreaterThan(0.0)->and($trouble->stages)->not->toBeEmpty()->and($trouble->matters)->not->toBe('');
    }
    foreach ($catalogue->signs as $sign) {
        expect($sign->usual)->toBeGreaterThan(0.0)->toBeLessThan(0.5)->and($named)->toContain($sign->slug);
    }
    // Where one looks: for living things, their traces, marks on leaves, the whole plant, and what went before.
    expect(array_count_values(array_map(static fn(Sign $sign): string => $sign->group, array_values($catalogue->signs))))->toBe(['creatures' => 14, 'traces' => 6, 'marks' => 26, 'plant' => 13, 'before' => 9]);
});
