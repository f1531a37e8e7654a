<?php

declare(strict_types=1);

use Eris\Generators;
use IdleMixer\Core\Measure\Measure;
use IdleMixer\Core\Measure\ScoopPlanner;
use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\Dimension;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Quantity\Volume;
use IdleMixer\Core\Tests\Support\Property;

/** @return list<Unit> */
function volumeUnits(): array
{
    return array_values(array_filter(Unit::cases(), static fn(Unit $unit): bool => $unit->dimension() === Dimension::Volume));
}

it('loses nothing from one unit to another and back', function (): void {
    Property::holds(
        [Generators::choose(1, 9_999_999), Generators::elements(volumeUnits()), Generators::elements(volumeUnits())],
        static function (int $thousandths, Unit $one, Unit $other): void {
            $value = $thousandths / 1000.0;
            $there = Volume::of($value, $one)->in($other);
            expect(Volume::of($there, $other)->in($one) / $value)->toEqualWithDelta(1.0, 1e-12)
                // A larger unit counts fewer of it.
                ->and($one->factor() === $other->factor() ? 0 : $there <=> $value)->toBe($one->factor() <=> $other->factor());
        },
    );
});

/*
 * What hands can do with one measure, filled as often as comes nearest, is the least that a plan of all of them must reach; it may stay
 * a tenth off where that saves many fills (common practice, no source).
 */
it('measures no worse than the best of its spoons alone, and says how far off it is', function (): void {
    $sizes = [[1.0, '[cup_us]'], [0.5, '[cup_us]'], [0.25, '[cup_us]'], [1.0, '[tbs_us]'], [1.0, '[tsp_us]'], [0.5, '[tsp_us]'], [0.25, '[tsp_us]'], [15.0, 'mL'], [5.0, 'mL'], [2.5, 'mL'], [1.0, 'mL'], [20.0, 'mL'], [1.0, '[drp]']];
    Property::holds(
        [Generators::choose(5, 200_000), Generators::subset($sizes)],
        static function (int $hundredths, array $chosen) use ($sizes): void {
            $wanted = $hundredths / 100.0;
            /** @var array<array{float, string}> $chosen */
            $measures = array_values(array_map(static fn(array $size): Measure => Measure::holding(Amount::of($size[0], Unit::from($size[1]))), $chosen === [] ? [$sizes[4]] : $chosen));
            $plan = (new ScoopPlanner($measures))->plan($wanted);
            $sum = 0.0;
            foreach ($plan->scoops as $scoop) {
                expect($scoop->count)->toBeGreaterThan(0);
                $sum += $scoop->count * $scoop->measure->millilitres;
            }
            $alone = min(array_map(static fn(Measure $one): float => abs(max(1.0, round($wanted / $one->millilitres)) * $one->millilitres - $wanted), $measures));
            expect($plan->millilitres())->toEqualWithDelta($sum, 1e-9 * $sum)
                ->and($plan->errorPercent())->toEqualWithDelta(100.0 * ($sum / $wanted - 1.0), 1e-6)
                ->and(abs($sum - $wanted))->toBeLessThanOrEqual(max($alone, 0.1 * $wanted) * (1.0 + 1e-9));
        },
    );
});
