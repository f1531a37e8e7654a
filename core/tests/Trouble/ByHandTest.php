<?php

declare(strict_types=1);

use IdleMixer\Core\Source\SourceCatalogue;
use IdleMixer\Core\Trouble\Diagnosis;
use IdleMixer\Core\Trouble\Finding;
use IdleMixer\Core\Trouble\Sign;
use IdleMixer\Core\Trouble\Together;
use IdleMixer\Core\Trouble\TroubleCatalogue;

/**
 * Two troubles, a three times as common as b, and three signs: s usually comes with a, t with b, v often with both. Shares are those of the
 * catalogue: usually 0.85, often 0.55.
 */
function twoTroubles(): TroubleCatalogue
{
    $sign = static fn(string $words, float $usual): array => ['group' => 'marks', 'words' => $words, 'drawing' => 's', 'usual' => $usual, 'source' => 'house'];
    return new TroubleCatalogue(
        ['s' => $sign('Scars', 0.01), 't' => $sign('Trails', 0.01), 'v' => $sign('Veils', 0.1)],
        ['a' => ['name' => 'Ash', 'kind' => 'insect', 'commonness' => 3.0, 'signs' => ['s' => 'u', 'v' => 'o'], 'matters' => '', 'stages' => ['any'], 'source' => 'house'], 'b' => ['name' => 'Blot', 'kind' => 'care', 'commonness' => 1.0, 'signs' => ['t' => 'u', 'v' => 'o'], 'matters' => '', 'stages' => ['any'], 'source' => 'house']],
        ['look-s' => ['words' => 'Look for scars.', 'sign' => 's', 'source' => 'house'], 'look-v' => ['words' => 'Look for veils.', 'sign' => 'v', 'source' => 'house']],
        SourceCatalogue::shipped(),
    );
}

// By hand. s: 3 x 0.85 against 1 x 0.01. s and t: neither explains both; together they weigh 3 x 1 / 4 and bring each with 0.85. v: 3 x 0.55
// against 0.55. v without s: 3 x 0.55 x 0.15 against 0.55 x 0.99.
it('weighs suspects as reckoned by hand', function (array $seen, Finding $finding, array $chances): void {
    /** @var array<string, bool> $seen */
    $diagnosis = new Diagnosis(twoTroubles(), $seen);
    $found = [];
    foreach ($diagnosis->suspects() as $suspect) {
        $found[$suspect->name] = $suspect->chance;
    }
    expect($diagnosis->finding())->toBe($finding)
        ->and(array_keys($found))->toBe(array_keys($chances))
        ->and($found)->toEqualWithDelta($chances, 5e-4);
})->with([
    'what comes with one of them' => [['s' => true], Finding::Likely, ['Ash' => 0.9961]],
    'what comes with the other, which is no pest' => [['t' => true], Finding::ProbablyNoPest, ['Blot' => 0.9659, 'Ash' => 0.0341]],
    'both: the pair' => [['s' => true, 't' => true], Finding::Likely, ['Ash and blot' => 0.9410, 'Ash' => 0.0443]],
    'what comes with either' => [['v' => true], Finding::Likely, ['Ash' => 0.75, 'Blot' => 0.25]],
    'what comes with either, and not what comes with the first' => [['v' => true, 's' => false], Finding::ProbablyNoPest, ['Blot' => 0.6875, 'Ash' => 0.3125]],
    // 5.5 times as likely by what is seen, 0.15 times by what is missing: what usually comes with either is not there.
    'what comes with either, and neither of the two' => [['v' => true, 's' => false, 't' => false], Finding::NoneFits, []],
]);

it('says what speaks for each, and what is missing', function (): void {
    $suspects = (new Diagnosis(twoTroubles(), ['v' => true, 's' => false]))->suspects();
    $slugs = static fn(array $signs): array => array_column($signs, 'slug');
    expect(array_map(static fn($one): array => [$slugs($one->for), $slugs($one->against), $slugs($one->missing)], $suspects))
        ->toBe([[['v'], [], []], [['v'], [], ['s']]]);
});

// By hand: 0.85 x 0.75 + 0.01 x 0.25 say yes; the entropies of 3 to 1, of 2.55 to 0.01 and of 0.45 to 0.99 weighed by that.
it('proposes the look that tells them apart, and none that does not', function (): void {
    $looks = (new Diagnosis(twoTroubles(), ['v' => true]))->looks();
    expect(array_map(static fn($one): string => $one->look->slug, $looks))->toBe(['look-s'])
        ->and($looks[0]->bits)->toEqualWithDelta(0.8113 - 0.64 * 0.0369 - 0.36 * 0.8960, 2e-3)
        ->and(array_map(static fn($one): string => $one->key(), $looks[0]->yes))->toBe(['a'])
        ->and(array_map(static fn($one): string => $one->key(), $looks[0]->no))->toBe(['b']);
});

it('asks for every look where nothing fits', function (): void {
    $catalogue = new TroubleCatalogue(
        ['s' => ['group' => 'marks', 'words' => 'Scars', 'drawing' => 's', 'usual' => 0.01, 'source' => 'house'], 't' => ['group' => 'marks', 'words' => 'Trails', 'drawing' => 's', 'usual' => 0.01, 'source' => 'house']],
        ['a' => ['name' => 'Ash', 'kind' => 'insect', 'commonness' => 3.0, 'signs' => ['s' => 'u'], 'matters' => '', 'stages' => ['any'], 'source' => 'house']],
        ['look-s' => ['words' => 'Look for scars.', 'sign' => 's', 'source' => 'house']],
        SourceCatalogue::shipped(),
    );
    $diagnosis = new Diagnosis($catalogue, ['t' => true]);
    expect($diagnosis->finding())->toBe(Finding::NoneFits)
        ->and($diagnosis->suspects())->toBe([])
        ->and(array_map(static fn($one): string => $one->look->slug, $diagnosis->looks()))->toBe(['look-s']);
});

// Noisy or, by hand: with 0.55 and 0.55 of a sign that 0.1 show anyway, 1 - 0.45 x 0.45 / 0.9 = 0.775.
it('lets either of a pair bring a sign', function (): void {
    $catalogue = twoTroubles();
    $pair = new Together([$catalogue->trouble('a'), $catalogue->trouble('b')], 4.0);
    $share = static fn(string $sign): float => $pair->shareOf($catalogue->sign($sign));
    expect($share('v'))->toEqualWithDelta(0.775, 1e-9)
        ->and($share('s'))->toEqualWithDelta(0.85, 1e-9)
        ->and($pair->weight())->toEqualWithDelta(0.75, 1e-12)
        ->and($pair->name())->toBe('Ash and blot')
        ->and($pair->key())->toBe('a+b')
        ->and(count($pair->troubles()))->toBe(2)
        ->and($pair->shareOf(new Sign('other', 'marks', 'Other', 's', 0.2)))->toEqualWithDelta(0.2, 1e-9);
});
