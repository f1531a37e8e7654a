<?php

declare(strict_types=1);

use IdleMixer\Core\Tests\Support\NodeScript;
use IdleMixer\Core\Weather\Air;

// Reference library psychrolib (npm), SI units, 101325 Pa: within 0.3 °C over 5 to 40 °C and 10 to 95 %.
it('finds the wet bulb and Delta T that the reference library finds', function (): void {
    $airs = [];
    for ($temperature = 5.0; $temperature <= 40.0; $temperature += 2.5) {
        for ($humidity = 10.0; $humidity <= 95.0; $humidity += 5.0) {
            $airs[] = [$temperature, $humidity];
        }
    }
    $wet = NodeScript::run(<<<'JS'
        import psychrolib from 'psychrolib';
        const airs = JSON.parse(await new Promise((done) => { let all = ''; process.stdin.on('data', (part) => (all += part)).on('end', () => done(all)); }));
        psychrolib.SetUnitSystem(psychrolib.SI);
        console.log(JSON.stringify(airs.map(([t, h]) => psychrolib.GetTWetBulbFromRelHum(t, h / 100, 101325))));
        JS, $airs);
    expect(count($wet))->toBe(15 * 18);
    foreach ($airs as $i => [$temperature, $humidity]) {
        assert(is_float($wet[$i]) || is_int($wet[$i]));
        $air = Air::of($temperature, $humidity);
        expect($air->wetBulb())->toEqualWithDelta((float) $wet[$i], 0.3, "{$temperature} °C, {$humidity} %")
            ->and($air->deltaT())->toEqualWithDelta($temperature - (float) $wet[$i], 0.3);
    }
});

// Stull (2011), J. Appl. Meteorol. Climatol. 50:2267-2269, from memory: 20 °C and 50 % give a wet bulb of 13.7 °C. The others are
// computed with psychrolib.
it('finds the wet bulb of worked examples', function (float $temperature, float $humidity, float $wet): void {
    expect(Air::of($temperature, $humidity)->wetBulb())->toEqualWithDelta($wet, 0.3);
})->with([[20.0, 50.0, 13.7], [20.0, 50.0, 13.78], [30.0, 40.0, 20.06], [10.0, 80.0, 8.29], [25.0, 60.0, 19.47]]);

// By definition: where air is full of water, wet bulb, dew point and dry bulb are one.
it('has one temperature for air that is full of water', function (float $temperature): void {
    $air = Air::of($temperature, 100.0);
    expect($air->wetBulb())->toEqualWithDelta($temperature, 0.01)->and($air->dewPoint())->toEqualWithDelta($temperature, 0.01)->and($air->deltaT())->toEqualWithDelta(0.0, 0.01);
})->with([[-10.0], [0.0], [15.0], [35.0]]);

// Handbook of meteorology, from memory: air of 20 °C and 50 % has its dew point at 9.3 °C.
it('finds the dew point', function (): void {
    expect(Air::of(20.0, 50.0)->dewPoint())->toEqualWithDelta(9.3, 0.1);
});

it('takes quite dry air as nearly dry, and ends for any air of a garden', function (float $temperature, float $humidity): void {
    $wet = Air::of($temperature, $humidity)->wetBulb();
    expect(is_finite($wet))->toBeTrue()->and($wet)->toBeLessThanOrEqual($temperature);
})->with([[-40.0, 0.0], [60.0, 0.0], [60.0, 100.0], [-40.0, 100.0], [0.0, 1e-9]]);

// Air is never quite dry, and holds no more than all the water that it can.
it('takes humidity for no less than 1 and no more than 100 %', function (float $said, float $taken): void {
    expect(Air::of(20.0, $said)->humidity)->toBe($taken);
})->with([[-5.0, 1.0], [0.0, 1.0], [1.0, 1.0], [55.5, 55.5], [100.0, 100.0], [101.0, 100.0], [120.0, 100.0]]);
