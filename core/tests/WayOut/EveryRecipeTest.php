<?php

declare(strict_types=1);

use IdleMixer\Core\Measure\Kit;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Safety\Ceilings;
use IdleMixer\Core\Safety\Level;
use IdleMixer\Core\Safety\Limits;
use IdleMixer\Core\Safety\Target;
use IdleMixer\Core\Tests\Support\Plans;
use IdleMixer\Core\WayOut\Bounds;
use IdleMixer\Core\WayOut\Remedy;
use IdleMixer\Core\WayOut\RemedyKind;
use IdleMixer\Core\WayOut\Slips;
use IdleMixer\Core\WayOut\WayOut;

/*
 * Every shipped recipe, those with stocks too, with every slip on every line: what the advice leaves in the sprayer is
 * added up again from the millilitres of each ingredient, without the code that gave it.
 */

/**
 * @param array<string, float> $ml by ingredient, and `water`
 *
 * @return array<string, float>
 */
function shareOf(array $ml, float $share): array
{
    return array_map(static fn(float $one): float => $one * $share, $ml);
}

/** @return array<string, float> mL of each ingredient, and of water */
function contents(Mixture $mixture): array
{
    $ml = ['water' => $mixture->water];
    foreach ($mixture->parts as $part) {
        $ml[$part->ingredient->slug] = ($ml[$part->ingredient->slug] ?? 0.0) + $part->millilitres;
    }

    return $ml;
}

it('ends within the limits and the sprayer, whatever went wrong', function (string $slug): void {
    $plan = Plans::shipped($slug, 3.0, 'L', ['plant' => 'ordinary-leaf', 'sprayer' => ['amount' => 3, 'unit' => 'L']]);
    $load = $plan->groups[0]->load;
    $ceilings = new Ceilings(Limits::shipped());
    $limits = $ceilings->of(Target::of($plan->bench->recipe->use, ToleranceCatalogue::shipped()->get('ordinary-leaf')));
    $advised = 0;
    foreach ([3000.0, 5000.0] as $capacity) {
        $ways = new WayOut(new Bounds($limits, $capacity), $ceilings->of(Target::of(RecipeUse::Drench, ToleranceCatalogue::shipped()->emptyBed())), Kit::kitchen()->planner());
        foreach ($load->items as $i => $item) {
            foreach ([0.0, 0.5, 1.25, 2.0, 3.0] as $times) {
                $slips = new Slips([$i => [$item->millilitres() * $times, $item->millilitres() * $times]], null);
                $end = $slips->ends($load)[0];
                foreach ($ways->remedies($load, $slips) as $remedy) {
                    if (in_array($remedy->kind, [RemedyKind::Discard, RemedyKind::Drench], true)) {
                        continue;
                    }
                    ++$advised;
                    // What is poured off takes its share of everything; what is added brings its ingredients in the item's own proportions.
                    $ml = shareOf(contents($end), 1.0 - $remedy->pourOff / $end->finished());
                    $ml['water'] += $remedy->water;
                    foreach ($remedy->add as $j => $scoops) {
                        $brought = 0.0;
                        foreach ($scoops->scoops as $scoop) {
                            $brought += $scoop->count * $scoop->measure->millilitres;
                        }
                        foreach ($load->mixture->parts as $part) {
                            $of = $load->items[$j]->part === null ? $part->pour !== null : $part === $load->items[$j]->part;
                            $ml[$part->ingredient->slug] += $of ? $part->millilitres * $brought / $load->items[$j]->millilitres() : 0.0;
                        }
                    }
                    $volume = array_sum(array_map(static fn(string $name, float $much): float => $name === 'baking-soda' ? 0.0 : $much, array_keys($ml), $ml));
                    $said = "{$slug}: {$remedy->kind->value} after {$times} times " . $item->name() . ' in ' . $capacity . json_encode($ml, \JSON_THROW_ON_ERROR);
                    expect($volume)->toBeLessThanOrEqual(max($capacity, 3000.0) * (1 + 1e-6), $said);

                    // The same contents as a mixture of their own, held against each limit.
                    $strengths = Strengths::of(new Mixture($ml['water'], array_map(static fn($part) => $part->times($ml[$part->ingredient->slug] / contents($load->mixture)[$part->ingredient->slug]), $load->mixture->parts), []));
                    foreach ($limits as $ceiling) {
                        expect($ceiling->level($strengths))->toBe(Level::Ok, $said);
                    }
                }
            }
        }
    }
    expect($advised)->toBeGreaterThan(0);
})->with(array_values(array_filter(RecipeCatalogue::shipped()->slugs(), static fn(string $slug): bool => RecipeCatalogue::shipped()->get($slug)->use === RecipeUse::Foliar)));

it('brings back a stock that was left out, with everything that is in it', function (): void {
    $load = Plans::shipped('kitchen-oil-by-the-quart', 1.0, '[gal_us]')->groups[0]->load;
    $ways = new WayOut(new Bounds([], 5000.0), [], Kit::kitchen()->planner());
    $stock = (string) array_key_last($load->items);
    $slips = new Slips([$stock => [0.0, 0.0]], null);
    $add = array_values(array_filter($ways->remedies($load, $slips), static fn(Remedy $one): bool => $one->kind === RemedyKind::AddMissing))[0];

    expect($load->items[$stock]->part)->toBeNull()
        // 2 tsp to the quart are 8 tsp to the gallon, less what their own room takes.
        ->and(($add->add[$stock] ?? null)?->millilitres())->toEqualWithDelta(8 * 4.92892159375, 0.05 * 39.4)
        ->and($add->asPlanned)->toBeTrue();
});
