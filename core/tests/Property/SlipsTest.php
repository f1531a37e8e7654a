<?php

declare(strict_types=1);

use Eris\Generators;
use IdleMixer\Core\Measure\Kit;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Safety\Ceilings;
use IdleMixer\Core\Safety\Limits;
use IdleMixer\Core\Safety\Target;
use IdleMixer\Core\Tests\Support\Plans;
use IdleMixer\Core\Tests\Support\Property;
use IdleMixer\Core\WayOut\Bounds;
use IdleMixer\Core\WayOut\RemedyKind;
use IdleMixer\Core\WayOut\Slips;
use IdleMixer\Core\WayOut\WayOut;
use IdleMixer\Core\Work\Load;

/** @return Load neem and castile, made up to so many mL */
function sprayOf(float $volume, float $neem, float $soap): Load
{
    $line = static fn(string $ingredient, float $ml): array => ['ingredient' => $ingredient, 'amount' => $ml, 'unit' => 'mL'];

    return Plans::of(['recipe' => Plans::recipe([$line('neem-oil', $neem), $line('castile-soap', $soap)], ['amount' => $volume, 'unit' => 'mL', 'of' => 'finished']), 'make' => ['amount' => $volume, 'unit' => 'mL']])->groups[0]->load;
}

/*
 * Somebody is sure of neither: of the neem a count from one number to another, of the water whether it is what was meant. Whatever
 * was true among it, after the way out it is within what the way out says, by plain sums, and within the limits of an ordinary leaf
 * (neem 1.1 %, soap 2 %: common practice and handbooks, from memory).
 */
it('ends where a way out says, whatever the true count was', function (): void {
    Property::holds(
        [Generators::choose(600, 6000), Generators::choose(20, 110), Generators::choose(10, 150), Generators::choose(0, 20), Generators::choose(0, 20), Generators::choose(0, 10), Generators::choose(50, 130), Generators::bool(), Generators::choose(100, 200)],
        static function (int $volume, int $neem, int $soap, int $least, int $more, int $true, int $water, bool $saidWater, int $room): void {
            [$planned, $castile] = [$volume * $neem / 10_000.0, $volume * $soap / 10_000.0];
            $load = sprayOf($volume, $planned, $castile);
            [$low, $high] = [$planned * $least / 10.0, $planned * ($least + $more) / 10.0];
            $in = $low + ($high - $low) * $true / 10.0;
            $poured = $saidWater ? $load->mixture->water * $water / 100.0 : null;
            $ceilings = new Ceilings(Limits::shipped());
            $capacity = $volume * $room / 100.0;
            $ways = new WayOut(new Bounds($ceilings->of(Target::of(RecipeUse::Foliar, null)), $capacity), $ceilings->of(Target::of(RecipeUse::Drench, ToleranceCatalogue::shipped()->emptyBed())), Kit::kitchen()->planner());
            $before = $poured === null ? max((float) $volume, $in + $castile) : $poured + $in + $castile;
            $kinds = [];
            foreach ($ways->remedies($load, new Slips(['neem-oil' => [$low, $high]], $poured)) as $remedy) {
                $kinds[] = $remedy->kind;
                if ($remedy->kind === RemedyKind::Discard || $remedy->kind === RemedyKind::Drench) {
                    continue;
                }
                $stays = 1.0 - $remedy->pourOff / max($before, $poured === null ? max((float) $volume, $high + $castile) : $poured + $high + $castile);
                $added = static fn(string $key): float => isset($remedy->add[$key]) ? $remedy->add[$key]->millilitres() : 0.0;
                $end = $before * $stays + $added('neem-oil') + $added('castile-soap') + $remedy->water;
                $oil = ($in * $stays + $added('neem-oil')) / $end;
                $castileThen = ($castile * $stays + $added('castile-soap')) / $end;
                $times = $remedy->times['oil'] ?? [$remedy->weakest, $remedy->strongest];
                // What is poured off is poured off of whatever stands there: a few mL more or less of it are what the mark says.
                $slack = $remedy->pourOff > 0.0 ? 0.06 : 1e-6;
                expect($oil)->toBeLessThanOrEqual(0.011 * (1 + $slack))
                    ->and($castileThen)->toBeLessThanOrEqual(0.02 * (1 + $slack))
                    ->and($end)->toBeLessThanOrEqual(max($capacity, $before, $remedy->finished) * (1 + 1e-9));
                if ($remedy->kind !== RemedyKind::AsItIs && $neem <= 110) {
                    expect($oil / ($planned / $volume))->toBeGreaterThanOrEqual($times[0] * (1 - $slack) - 1e-9)->toBeLessThanOrEqual($times[1] * (1 + $slack) + 1e-9);
                }
            }
            // There is always a last way, and none is said twice.
            expect($kinds)->toContain(RemedyKind::Discard)->and(count(array_unique(array_column($kinds, 'value'))))->toBe(count($kinds));
        },
    );
});
