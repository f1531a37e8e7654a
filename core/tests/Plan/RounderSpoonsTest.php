<?php

declare(strict_types=1);

use IdleMixer\Core\Measure\Scoop;
use IdleMixer\Core\Plan\RounderSpoons;
use IdleMixer\Core\Safety\Ceilings;
use IdleMixer\Core\Safety\Limits;
use IdleMixer\Core\Tests\Support\Plans;

/**
 * @param array<string, mixed> $more
 *
 * @return array<string, string> so many of what, by ingredient
 */
function roundly(string $recipe, float $amount, string $unit, array $more = []): array
{
    $found = (new RounderSpoons(new Ceilings(Limits::shipped())))->of(Plans::shipped($recipe, $amount, $unit, $more));

    return array_map(static fn(Scoop $scoop): string => "{$scoop->count} × " . round($scoop->measure->millilitres, 2), $found);
}

// Reckoned by hand: 1 ½ US gal are 5.678 L, of which 5.594 L are water: 27.97 mL of neem and 55.94 mL of soap. Two tablespoons are
// 29.57 mL, 6 % more of the neem; four are 59.1 mL, and more than three of one measure are no rounder.
it('says one measure where the spoons take several kinds', function (): void {
    expect(roundly('gentle-neem', 1.5, '[gal_us]')['neem-oil'] ?? '')->toBe('2 × 14.79');
});

it('says nothing where one measure does it already, or none comes near', function (): void {
    // Two teaspoons in a litre; and 1 ½ and ½ teaspoons in a quart, which take the teaspoon and its half: a tablespoon is twice as much.
    expect(roundly('plain-soap', 1.0, 'L'))->toBe([])
        ->and(roundly('neem-leaf-quart', 1.0, '[qt_us]')['neem-oil'] ?? '')->not->toBe('1 × 14.79');
});

it('says no rounder answer that takes a spray over what leaves bear, and less of it all the same', function (): void {
    // 6.5 mL in a litre are 0.65 % of neem, which an ordinary leaf bears well; 16 mL are 1.6 %, which it does not, but less than 17 mL.
    $recipe = static fn(float $mL): array => Plans::recipe([['ingredient' => 'neem-oil', 'amount' => $mL, 'unit' => 'mL'], ['ingredient' => 'castile-soap', 'amount' => 5, 'unit' => 'mL']], ['amount' => 1000, 'unit' => 'mL', 'of' => 'finished']);
    $spoons = static fn(float $big): array => ['measures' => array_map(static fn(float $mL): array => ['amount' => $mL, 'unit' => 'mL'], [$big, 4.0, 1.0])];
    $limit = Limits::shipped();
    $roundly = static fn(float $mL, float $big): array => array_map(static fn(Scoop $scoop): float => $scoop->millilitres(), (new RounderSpoons(new Ceilings($limit)))->of(Plans::of(['recipe' => $recipe($mL), 'make' => ['amount' => 1, 'unit' => 'L'], ...$spoons($big)])));
    expect($roundly(5.9, 6.5)['neem-oil'] ?? null)->toBe(6.5)
        ->and($roundly(7.0, 6.5)['neem-oil'] ?? null)->toBe(6.5)
        ->and($roundly(14.5, 16.0)['neem-oil'] ?? null)->toBeNull()
        ->and($roundly(17.0, 16.0)['neem-oil'] ?? null)->toBe(16.0)
        // 1.05 % is borne well and 1.15 % is not; 1 % and 1.08 % are.
        ->and($roundly(10.5, 11.5)['neem-oil'] ?? null)->toBeNull()
        ->and($roundly(10.0, 10.8)['neem-oil'] ?? null)->toBe(10.8);
});

// By hand: three spoons of 4 mL are 12 mL, and one of 13 mL is 8 % more; four of 3 mL are 12 mL, too, and one of 13 mL is fewer.
it('leaves three of one measure alone, and rounds four', function (): void {
    $roundly = static function (float $small): array {
        $recipe = Plans::recipe([['ingredient' => 'neem-oil', 'amount' => 12, 'unit' => 'mL'], ['ingredient' => 'castile-soap', 'amount' => 8, 'unit' => 'mL']], ['amount' => 2, 'unit' => 'L', 'of' => 'finished']);
        $measures = array_map(static fn(float $mL): array => ['amount' => $mL, 'unit' => 'mL'], [13.0, $small]);

        return array_map(static fn(Scoop $scoop): float => $scoop->millilitres(), (new RounderSpoons(new Ceilings(Limits::shipped())))->of(Plans::of(['recipe' => $recipe, 'make' => ['amount' => 2, 'unit' => 'L'], 'measures' => $measures])));
    };
    expect($roundly(4.0)['neem-oil'] ?? null)->toBeNull()->and($roundly(3.0)['neem-oil'] ?? null)->toBe(13.0);
});

// By hand: 11 and 1 mL are 12 mL just so; 12.8 mL alone are 0.8 mL more, 11 mL alone are 1 mL less.
it('takes the nearer of two that come near', function (float ...$measures): void {
    $recipe = Plans::recipe([['ingredient' => 'neem-oil', 'amount' => 12, 'unit' => 'mL'], ['ingredient' => 'castile-soap', 'amount' => 8, 'unit' => 'mL']], ['amount' => 2, 'unit' => 'L', 'of' => 'finished']);
    $found = (new RounderSpoons(new Ceilings(Limits::shipped())))->of(Plans::of(['recipe' => $recipe, 'make' => ['amount' => 2, 'unit' => 'L'], 'measures' => array_map(static fn(float $mL): array => ['amount' => $mL, 'unit' => 'mL'], array_values($measures))]));
    expect(($found['neem-oil'] ?? null)?->millilitres())->toBe(12.8);
})->with([[11.0, 12.8, 1.0], [12.8, 11.0, 1.0], [1.0, 12.8, 11.0]]);
