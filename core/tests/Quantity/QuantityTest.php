<?php

declare(strict_types=1);

use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\InvalidQuantity;
use IdleMixer\Core\Quantity\Temperature;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Quantity\Volume;

it('goes through any unit and back', function (Unit $unit): void {
    expect(Volume::ofMillilitres(123.456)->in($unit) * $unit->factor())->toEqualWithDelta(123.456, 1e-12)
        ->and(Volume::of(Volume::ofMillilitres(123.456)->in($unit), $unit)->equals(Volume::ofMillilitres(123.456), 1e-9))->toBeTrue();
})->with([[Unit::UsGallon], [Unit::ImperialPint], [Unit::MetricTeaspoon], [Unit::Drop], [Unit::Litre]]);

it('refuses what no amount can be', function (float $value): void {
    expect(static fn(): Amount => Amount::of($value, Unit::UsTeaspoon))->toThrow(InvalidQuantity::class, 'above 0');
})->with([[0.0], [-1.0], [\INF], [\NAN], [1e308]]);

it('refuses what no volume can be', function (float $value): void {
    expect(static fn(): Volume => Volume::ofMillilitres($value))->toThrow(InvalidQuantity::class);
})->with([[-1.0], [\INF], [\NAN]]);

it('does not take a mass for a volume, or a spoon for a temperature', function (): void {
    expect(static fn(): Volume => Volume::of(1.0, Unit::Gram))->toThrow(InvalidQuantity::class, 'measures mass')
        ->and(static fn(): float => Volume::ofMillilitres(0.0)->in(Unit::Gram))->toThrow(InvalidQuantity::class)
        ->and(static fn(): float => Temperature::of(1.0, Unit::UsTeaspoon)->celsius())->toThrow(InvalidQuantity::class);
});

it('scales without changing what it had', function (): void {
    $cup = Volume::of(1, Unit::UsCup);
    $sum = $cup->times(16.0);

    expect($sum->in(Unit::UsGallon))->toEqualWithDelta(1.0, 1e-12)
        ->and($cup->in(Unit::UsCup))->toEqualWithDelta(1.0, 1e-12)
        ->and($cup->isLessThan($sum))->toBeTrue();
});

it('takes nothing at all for a volume', function (): void {
    expect(Volume::ofMillilitres(0.0)->millilitres())->toBe(0.0)->and(Volume::of(0.0, Unit::Litre)->millilitres())->toBe(0.0);
});

it('calls nothing less than itself', function (): void {
    expect(Volume::of(1.0, Unit::Litre)->isLessThan(Volume::of(1000.0, Unit::Millilitre)))->toBeFalse()
        ->and(Volume::of(999.0, Unit::Millilitre)->isLessThan(Volume::of(1.0, Unit::Litre)))->toBeTrue();
});
