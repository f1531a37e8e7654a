<?php

declare(strict_types=1);

use IdleMixer\Core\Measure\Kit;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Safety\Ceilings;
use IdleMixer\Core\Safety\Limits;
use IdleMixer\Core\Safety\Target;
use IdleMixer\Core\Tests\Support\Kept;
use IdleMixer\Core\Tests\Support\Plans;
use IdleMixer\Core\WayOut\Bounds;
use IdleMixer\Core\WayOut\Remedy;
use IdleMixer\Core\WayOut\Slips;
use IdleMixer\Core\WayOut\WayOut;
use IdleMixer\Core\Wording\WayOutWords;

it('leads out of each slip as it did when that was read through', function (): void {
    $words = WayOutWords::shipped();
    $ceilings = new Ceilings(Limits::shipped());
    $answers = [];
    foreach (['castile-and-kitchen-oil', 'true-neem-emulsion', 'soda-and-neem', 'half-alcohol-swab', 'egg-and-oil-milk', 'soap-and-alcohol-by-eye'] as $nth => $slug) {
        $plan = Plans::shipped($slug, 3.0, 'L', ['plant' => 'ordinary-leaf', 'sprayer' => ['amount' => 3, 'unit' => 'L']]);
        $load = $plan->groups[0]->load;
        $limits = $ceilings->of(Target::of($plan->bench->recipe->use, ToleranceCatalogue::shipped()->get('ordinary-leaf')));
        $drench = $ceilings->of(Target::of(RecipeUse::Drench, ToleranceCatalogue::shipped()->emptyBed()));
        $ways = new WayOut(new Bounds($limits, $nth % 2 === 0 ? 3000.0 : 5000.0), $drench, Kit::kitchen()->planner());
        $slips = ['half of the water' => new Slips([], $load->mixture->water / 2.0)];
        foreach ($load->items as $key => $item) {
            $much = $item->millilitres();
            $slips["{$key} left out"] = new Slips([$key => [0.0, 0.0]]);
            $slips["{$key} half again"] = new Slips([$key => [$much * 1.5, $much * 1.5]]);
            $slips["{$key} once or twice"] = new Slips([$key => [$much, 2.0 * $much]]);
            $slips["{$key} ran out"] = new Slips([$key => [$much * 0.6, $much * 0.6]], $load->mixture->water / 2.0, [$key]);
        }
        foreach ($slips as $what => $slip) {
            $answers[$slug][$what] = array_map(static fn(Remedy $one): string => "{$one->kind->value}: " . implode(' ', array_filter($words->remedy($one, $load, Unit::Litre), is_string(...))), $ways->remedies($load, $slip));
        }
    }
    expect(Kept::change('ways-out', $answers))->toBe('');
});
