<?php

declare(strict_types=1);

use Eris\Generators;
use IdleMixer\Core\Ingredient\SubstanceGroup;
use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Quantity\Volume;
use IdleMixer\Core\Tests\Support\Plans;
use IdleMixer\Core\Tests\Support\Property;
use IdleMixer\Core\Vessel\Loads;

/** @return list<float> mL of each load */
function loadsOf(int $make, int $sprayer): array
{
    return array_map(static fn(Volume $load): float => $load->millilitres(), Loads::of(Volume::ofMillilitres($make), Volume::ofMillilitres($sprayer)));
}

// A mark is read to 1 %, and a last load under a tenth of the sprayer is shared out (the open documents).
it('splits what is made into loads that the sprayer holds, and loses nothing', function (): void {
    Property::holds(
        [Generators::choose(10, 400_000), Generators::choose(400, 20_000)],
        static function (int $make, int $sprayer): void {
            $loads = loadsOf($make, $sprayer);
            $all = count($loads);
            assert($loads !== []);
            expect(array_sum($loads))->toEqualWithDelta($make, 1e-6 * $make)
                ->and(max($loads))->toBeLessThanOrEqual($sprayer * 1.01 * (1 + 1e-9))
                // No more loads than it takes, but for the one that is shared out.
                ->and(($all - 1) * $sprayer)->toBeLessThan($make)
                // All but the last are alike, and the last is never the larger.
                ->and(count(array_unique(array_map(static fn(float $ml): string => (string) round($ml, 6), array_slice($loads, 0, -1)))))->toBeLessThanOrEqual(1)
                ->and(end($loads))->toBeLessThanOrEqual($loads[0] * (1 + 1e-9))
                // Nobody mixes a last load of a few spoonfuls.
                ->and($all === 1 || end($loads) >= 0.1 * $sprayer * (1 - 1e-9))->toBeTrue();
        },
    );
});

it('is as strong in every load as in all together', function (): void {
    Property::holds(
        [Generators::elements(['neem-leaf-quart', 'soda-and-neem', 'mint-oil-by-the-cup', 'winter-wood-oil', 'half-alcohol-swab']), Generators::choose(250, 60_000), Generators::choose(500, 15_000), Generators::bool()],
        static function (string $slug, int $make, int $sprayer, bool $high): void {
            $plan = Plans::shipped($slug, $make, 'mL', ['sprayer' => ['amount' => $sprayer, 'unit' => 'mL'], 'highEnd' => $high]);
            $volume = $lines = 0.0;
            foreach ($plan->groups as $group) {
                $count = $group->count;
                $volume += $count * $group->load->mixture->finished();
                foreach (SubstanceGroup::cases() as $what) {
                    expect(Strengths::of($group->load->mixture)->in($what))->toEqualWithDelta($plan->strengths->in($what), 1e-9);
                }
                foreach ($group->load->items as $item) {
                    $lines += $count * $item->room();
                }
            }
            expect($volume)->toEqualWithDelta($make, 1e-6 * $make)
                ->and($lines)->toEqualWithDelta($plan->whole->finished() - $plan->whole->water, 1e-6 * $make);
        },
    );
});
