<?php

declare(strict_types=1);

use IdleMixer\Core\Bench\Bench;
use IdleMixer\Core\Measure\Graduation;
use IdleMixer\Core\Measure\Kit;
use IdleMixer\Core\Measure\Measure;
use IdleMixer\Core\Measure\SpoonSets;
use IdleMixer\Core\Mix\Formulator;
use IdleMixer\Core\Plan\Plan;
use IdleMixer\Core\Plan\Planner;
use IdleMixer\Core\Plan\RounderVolume;
use IdleMixer\Core\Plan\RoundKind;
use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Recipe\RecipeLine;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Tests\Support\Plans;
use IdleMixer\Core\Work\Item;

/*
 * Every shipped spray in five kitchens: what stands in each, and what is filled there, is common practice, no source. A US tablespoon is
 * 14.79 mL, a metric one 15 mL, an Australian one 20 mL (NIST SP 811 for the first; the others as spoons are sold, from memory). Whoever
 * has a dropper and a jam jar has the jar to its quarters, too.
 */
const KITCHENS = [
    'US' => [['us', 'us-cups'], ['1 qt' => [1.0, Unit::UsQuart], '1 gal' => [1.0, Unit::UsGallon]]],
    'UK' => [['uk', 'jug'], ['1 L' => [1.0, Unit::Litre], '5 L' => [5.0, Unit::Litre]]],
    'Australian' => [['au', 'au-cups'], ['1 L' => [1.0, Unit::Litre], '5 L' => [5.0, Unit::Litre]]],
    'metric' => [['metric-small', 'jug'], ['1 L' => [1.0, Unit::Litre], '5 L' => [5.0, Unit::Litre]]],
    'dropper and jar' => [['dropper', 'jam-jar'], ['a jar' => [360.0, Unit::Millilitre]]],
];

/** Moves that hands keep count of in one line. */
const MOVES = 8;

/** @param list<string> $sets */
function kitchenOf(array $sets): Kit
{
    $all = [Measure::holding(Amount::of(1.0, Unit::Drop))];
    foreach ($sets as $set) {
        foreach (SpoonSets::shipped()->measures($set) as $one) {
            $amount = Amount::of($one['amount'], Unit::from($one['unit']));
            array_push($all, ...($one['step'] === null ? [Measure::holding($amount)] : array_map(static fn(Amount $mark): Measure => $set === 'dropper' ? Measure::dropper($mark, 'dropper') : Measure::holding($mark), Graduation::marks($amount, $one['step']))));
        }
    }

    return new Kit($all, null);
}

/** @param list<string> $sets */
function inKitchen(array $sets, string $slug, float $make, float $vessel, Unit $unit): Plan
{
    $said = Plans::bench(['recipe' => $slug, 'make' => ['amount' => $make, 'unit' => $unit->value], 'sprayer' => ['amount' => $vessel, 'unit' => $unit->value]]);

    return Planner::shipped()->plan(new Bench($said->recipe, $said->make, $said->unit, $said->sprayer, $said->highEnd, $said->factor, kitchenOf($sets), $said->water, $said->target, $said->circumstances, $said->hand, $said->agitation, $said->stockReady));
}

/** @return list<string> what takes too many moves, or is not measured to a tenth */
function tooMuchOf(Plan $plan): array
{
    $all = [];
    foreach ($plan->load(1)->items as $key => $item) {
        // An egg is counted. Half of a drop is as near as anybody comes to what is less than a few of them.
        $off = abs($item->measured->millilitres() - $item->millilitres());
        if (! $item->isCounted() && ($item->moves() > MOVES || $off > max(0.1 * $item->millilitres(), 0.025) + 1e-9)) {
            $all[] = sprintf('%s: %.2f mL in %d moves, %.1f %% off', $key, $item->millilitres(), $item->moves(), $item->measured->errorPercent());
        }
    }

    return $all;
}

/** @return array<string, array{list<string>, string, float, Unit}> */
function spraysInKitchens(): array
{
    $all = [];
    foreach (KITCHENS as $kitchen => [$sets, $volumes]) {
        foreach (RecipeCatalogue::shipped()->slugs() as $slug) {
            foreach (RecipeCatalogue::shipped()->get($slug)->use === RecipeUse::Stock ? [] : $volumes as $name => [$make, $unit]) {
                $all["{$kitchen}: {$slug}, {$name}"] = [$sets, $slug, $make, $unit];
            }
        }
    }

    return $all;
}

it('takes at most eight moves a line, or offers the volume at which it does', function (array $sets, string $slug, float $make, Unit $unit): void {
    /** @var list<string> $sets */
    $plan = inKitchen($sets, $slug, $make, $make, $unit);
    if (tooMuchOf($plan) === []) {
        expect($plan->load(1)->items)->not->toBeEmpty();

        return;
    }
    $offered = RounderVolume::of($plan);
    expect($offered)->not->toBeNull(implode('; ', tooMuchOf($plan)));
    $then = ($offered?->volume->millilitres() ?? 0.0) / $unit->factor();
    expect($then)->toBeLessThanOrEqual($make)->toBeGreaterThan(0.0)
        ->and(tooMuchOf(inKitchen($sets, $slug, $then, $make, $unit)))->toBe([]);
})->with(spraysInKitchens());

/**
 * Whether so much is exactly so many spoons, three at most, tried one by one.
 *
 * @param list<float> $spoons mL
 */
function areSpoons(float $wanted, array $spoons, int $left = 3): bool
{
    foreach ($left > 0 ? $spoons : [] as $one) {
        if (abs($wanted - $one) < 1e-6 || ($one < $wanted && areSpoons($wanted - $one, $spoons, $left - 1))) {
            return true;
        }
    }

    return false;
}

/** @return array<string, array{string, string}> kitchen, slug: where a kitchen has all the spoons in which a recipe is written */
function writtenInTheirSpoons(): array
{
    $all = [];
    foreach (KITCHENS as $kitchen => [$sets]) {
        $spoons = [];
        foreach ($sets as $set) {
            foreach (SpoonSets::shipped()->measures($set) as $one) {
                $spoons = $one['step'] === null ? [...$spoons, Amount::of($one['amount'], Unit::from($one['unit']))->inBase()] : $spoons;
            }
        }
        foreach (RecipeCatalogue::shipped()->slugs() as $slug) {
            $recipe = RecipeCatalogue::shipped()->get($slug);
            $lines = array_filter($recipe->lines, static fn(RecipeLine $line): bool => $line->ingredient !== null && $line->ingredient->pieceVolume === null && $line->amount->unit !== Unit::Gram && $line->amount->unit !== Unit::Drop && areSpoons($line->amount->inBase(), $spoons));
            if ($recipe->basis !== null && $recipe->use !== RecipeUse::Stock && count($lines) === count($recipe->lines)) {
                $all["{$kitchen}: {$slug}"] = [$kitchen, $slug];
            }
        }
    }

    return $all;
}

it('measures as written wherever the kitchen has the spoons of the recipe', function (string $kitchen, string $slug): void {
    $made = (new Formulator())->onBasis(RecipeCatalogue::shipped()->get($slug))->finished();
    foreach (inKitchen(KITCHENS[$kitchen][0], $slug, $made, $made, Unit::Millilitre)->load(1)->items as $key => $item) {
        expect($item->measured->errorPercent())->toEqualWithDelta(0.0, 1e-6, $key)->and($item->moves())->toBeLessThanOrEqual(3);
    }
})->with(writtenInTheirSpoons());

it('offers it as written where the sprayer holds that, and another amount was asked for', function (string $kitchen, string $slug): void {
    $made = (new Formulator())->onBasis(RecipeCatalogue::shipped()->get($slug))->finished();
    $sets = KITCHENS[$kitchen][0];
    // Nine tenths of it: what was whole spoons is so no longer, or still near enough.
    $plan = inKitchen($sets, $slug, 0.9 * $made, 1.2 * $made, Unit::Millilitre);
    $moves = static fn(Plan $of): int => array_sum(array_map(static fn(Item $item): int => $item->moves(), $of->load(1)->items));
    $offered = RounderVolume::of($plan);
    if ($moves($plan) <= $moves(inKitchen($sets, $slug, $made, $made, Unit::Millilitre))) {
        expect($offered === null || $offered->kind !== RoundKind::AsWritten)->toBeTrue();

        return;
    }
    expect($offered?->kind)->toBe(RoundKind::AsWritten)->and($offered?->volume->millilitres())->toEqualWithDelta($made, 0.1);
})->with(writtenInTheirSpoons());

it('has recipes that are written in spoons of such kitchens', function (): void {
    expect(count(writtenInTheirSpoons()))->toBeGreaterThanOrEqual(10);
});
