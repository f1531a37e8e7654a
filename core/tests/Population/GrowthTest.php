<?php

declare(strict_types=1);

use IdleMixer\Core\Evidence\Chance;
use IdleMixer\Core\Population\Chain;
use IdleMixer\Core\Population\Growth;
use IdleMixer\Core\Population\Guess;
use IdleMixer\Core\Population\Kill;
use IdleMixer\Core\Population\Life;
use IdleMixer\Core\Population\LifeCatalogue;
use IdleMixer\Core\Population\Outbreak;
use IdleMixer\Core\Population\Stage;
use IdleMixer\Core\Population\Treatment;
use IdleMixer\Core\Population\Warmths;
use IdleMixer\Core\Tests\Support\Population\Handbook;

function lifeOf(string $trouble): Life
{
    return LifeCatalogue::shipped()->of($trouble) ?? throw new LogicException($trouble);
}

/** @return array<string, array{string}> */
function multiplying(): array
{
    return array_combine(LifeCatalogue::shipped()->troubles(), array_map(static fn(string $slug): array => [$slug], LifeCatalogue::shipped()->troubles()));
}

it('develops and doubles as handbooks have it, within a fifth', function (string $trouble, float $celsius, array $adult, array $doubles): void {
    /** @var array{float, float} $adult */
    /** @var array{float, float} $doubles */
    $life = lifeOf($trouble);
    expect($life->biology->adult / $life->biology->warmth($celsius))->toBeGreaterThanOrEqual(0.8 * $adult[0])->toBeLessThanOrEqual(1.2 * $adult[1])
        ->and((new Growth($life))->doublingDays($celsius))->toBeGreaterThanOrEqual(0.8 * $doubles[0])->toBeLessThanOrEqual(1.2 * $doubles[1]);
})->with(array_combine(array_map(static fn(array $row): string => "{$row[0]} at {$row[1]} °C", Handbook::ROWS), Handbook::ROWS));

it('asks of each at three temperatures and more', function (): void {
    foreach (LifeCatalogue::shipped()->troubles() as $trouble) {
        expect(count(array_filter(Handbook::ROWS, static fn(array $row): bool => $row[0] === $trouble)))->toBeGreaterThanOrEqual(3, $trouble);
    }
});

it('stands still where it is too cold or too hot', function (string $trouble, float $celsius): void {
    expect((new Growth(lifeOf($trouble)))->doublingDays($celsius))->toBeNull()->and(lifeOf($trouble)->biology->warmth($celsius))->toBe(0.0);
    $evenings = (new Outbreak(lifeOf($trouble), Warmths::steady($celsius)))->go(new Guess(log(40.0)), 20);
    expect($evenings[20]->seen())->toEqualWithDelta(40.0, 1e-9);
})->with(Handbook::STILL);

// Euler and Lotka: the sum over age of what lives, times what it lays, times e^(-rate x age), is 1. Added up here over one brood as it grows old.
it('grows by the root of Euler and Lotka’s equation', function (string $trouble): void {
    $life = lifeOf($trouble);
    $rate = (new Growth($life))->rate();
    // What is laid is all but left out, so that the brood stays alone.
    $few = 1e-9;
    $chain = new Chain($life, $few);
    $size = count($chain->stages);
    $numbers = [1.0, ...array_fill(0, $size + 1, 0.0)];
    $sum = 0.0;
    $step = 1.0;
    for ($age = 0.0; $age < 6.0 * $life->biology->adult; $age += $step) {
        $laid = $numbers[$size];
        $numbers = $chain->after($step, $numbers);
        $sum += ($numbers[$size] - $laid) / $few * exp(-$rate * ($age + $step / 2.0));
    }
    expect($sum)->toEqualWithDelta(1.0, 0.01);
    // And what is simulated grows by it from the first day on, as all ages are there.
    $evenings = (new Outbreak($life, Warmths::steady(22.0)))->go(new Guess(log(10.0)), 40);
    expect(log($evenings[40]->seen() / $evenings[0]->seen()) / 40.0)->toEqualWithDelta($rate * $life->biology->warmth(22.0), 0.01 * abs($rate) * $life->biology->warmth(22.0));
})->with(multiplying());

it('loses none and makes none of itself, and never counts fewer than none', function (string $trouble): void {
    $chain = new Chain(lifeOf($trouble));
    $size = count($chain->stages);
    $numbers = $chain->settled(100.0);
    $begun = $chain->all($numbers);
    $random = new Chance(5);
    for ($day = 0; $day < 60; ++$day) {
        $numbers = $chain->after(25.0 * $random->share(), $numbers, $day % 7 < 3 ? ['young' => 0.2, 'adult' => 0.5] : []);
        $numbers = $day % 9 === 0 ? $chain->killed($numbers, new Kill(['egg' => 0.3, 'young' => 0.9, 'adult' => 0.8]), 1.3) : $numbers;
        expect(min([0.0, ...$numbers]))->toBeGreaterThanOrEqual(0.0)
            ->and(($begun + $numbers[$size] - $numbers[$size + 1] - $chain->all($numbers)) / max($begun, $chain->all($numbers), $numbers[$size]))->toEqualWithDelta(0.0, 1e-9);
    }
})->with(multiplying());

it('comes to the same in smaller pieces', function (string $trouble): void {
    $chain = new Chain(lifeOf($trouble));
    $whole = $pieces = $chain->settled(50.0);
    // A third of the eggs only, so that not all ages are together.
    $whole = $pieces = $chain->killed($whole, new Kill(['egg' => 0.7]));
    for ($day = 0; $day < 40; ++$day) {
        $whole = $chain->after(15.0, $whole);
        for ($piece = 0; $piece < 30; ++$piece) {
            $pieces = $chain->after(0.5, $pieces);
        }
        foreach (Stage::cases() as $stage) {
            expect($chain->of($stage, $whole))->toEqualWithDelta($chain->of($stage, $pieces), 0.01 * $chain->of($stage, $pieces) + 1e-9);
        }
    }
})->with(multiplying());

// Common practice, no source. Begun light, ten to be seen; it is over where hardly one is found at the look a week after the last round.
it('ends where practice says that it does, and not before', function (string $trouble, float $celsius, array $days, array $kill, bool $ends): void {
    /** @var non-empty-list<int> $days */
    /** @var array<string, float> $kill */
    $outbreak = new Outbreak(lifeOf($trouble), Warmths::steady($celsius), array_map(static fn(int $day): Treatment => new Treatment($day, new Kill($kill)), $days));
    expect($outbreak->go(new Guess(log(10.0)), max($days) + 7)[max($days) + 7]->seen() < 1.0)->toBe($ends);
})->with(Handbook::PROGRAMMES);

it('lets a spray that goes on working kill what comes newly, and nothing that it left', function (): void {
    $life = lifeOf('whitefly');
    $left = static fn(int $days, float $share): float => (new Outbreak($life, Warmths::steady(22.0), [new Treatment(0, new Kill(['young' => $share]), $days)]))->go(new Guess(log(40.0)), 10)[10]->stages()['young'];
    expect($left(5, 0.9))->toBeLessThan(0.9 * $left(0, 0.9))->and($left(5, 0.0))->toEqualWithDelta($left(0, 0.0), 1e-9)
        // All that hatch die for five days: what is young then was young before.
        ->and((new Outbreak($life, Warmths::steady(22.0), [new Treatment(0, new Kill(['young' => 1.0]), 5)]))->go(new Guess(log(40.0)), 5)[5]->stages()['young'])->toEqualWithDelta(0.0, 1e-9);
});
