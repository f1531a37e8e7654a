<?php

declare(strict_types=1);

use App\Models\Plant;
use App\Models\WeatherReport;
use App\Records\Proofs;
use App\Records\Reading;
use App\Records\WeatherBook;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Notebook;

/*
 * What a call that only reads has reckoned it does not reckon again; what writes, and the next call, do.
 */

it('reckons once within a call, null as well, and anew in the next and wherever something may be written', function (): void {
    $reading = new Reading();
    $times = 0;
    $reckon = static function () use (&$times): ?int {
        return ++$times > 2 ? null : $times;
    };
    $twice = static fn(): array => [$reading->once('a', $reckon), $reading->once('a', $reckon)];
    expect($twice())->toBe([1, 2])
        ->and($reading->during($twice))->toBe([null, null])
        ->and($times)->toBe(3)
        // A page that brings the answers of several calls knows what the first of them reckoned.
        ->and($reading->during(static fn(): array => [$reading->once('a', $reckon), $reading->during($twice)]))->toBe([null, [null, null]])
        ->and($times)->toBe(4)
        ->and($reading->during(static fn(): array => [$reading->once('a', $reckon), $reading->once('b', $reckon)]))->toBe([null, null])
        ->and($times)->toBe(6);
    try {
        $reading->during(static function () use ($reading, $reckon): never {
            $reading->once('a', $reckon);
            throw new RuntimeException('It broke.');
        });
    } catch (RuntimeException) {
        $reading->once('a', $reckon);
    }
    expect($times)->toBe(8);
});

it('tells in the next call what was written since, in whichever order they come', function (): void {
    Date::setTestNow('2026-06-10T12:00:00Z');
    $plant = Notebook::plant('Rose');
    $case = Notebook::case($plant);
    $rounds = static fn(): int => count(Notebook::get("/api/plants/{$plant}")->list('had'));
    $before = $rounds();
    $batch = Notebook::mixed($case);
    Notebook::sent("/api/cases/{$case}/rounds", ['batchId' => $batch, 'override' => 'It was urgent']);
    expect([$before, $rounds()])->toBe([0, 1]);
});

it('asks for the rounds of a plant once, however many of a page ask about it', function (): void {
    $plant = Plant::query()->findOrFail(Notebook::plant('Rose'));
    $asked = static function () use ($plant): int {
        $many = 0;
        DB::listen(static function () use (&$many): void {
            ++$many;
        });
        app(Proofs::class)->of($plant, Date::now()->toImmutable());
        app(Proofs::class)->of($plant, Date::now()->toImmutable());

        return $many;
    };
    Date::setTestNow('2026-06-10T12:00:00Z');
    $alone = $asked();
    $within = app(Reading::class)->during($asked);
    // The first count goes on counting: what is asked within is asked of both.
    expect($within)->toBe(intdiv($alone, 2));
});

it('reads hours of weather by what stands in a report, and not by which report it is', function (): void {
    $book = app(WeatherBook::class);
    $told = static fn(float $celsius): WeatherReport => new WeatherReport(['hours' => json_encode(['hours' => [['at' => '2026-06-10T12:00:00Z', 'temperature_C' => $celsius, 'humidity_percent' => 50, 'wind_kmh' => null, 'rain_mm' => null, 'cloud_percent' => null]]])]);
    expect($book->hoursOf($told(20.0))[0]->temperature)->toBe(20.0)
        ->and($book->hoursOf($told(25.0))[0]->temperature)->toBe(25.0)
        ->and($book->hoursOf($told(20.0))[0]->temperature)->toBe(20.0);
    foreach (range(1, 40) as $celsius) {
        expect($book->hoursOf($told((float) $celsius))[0]->temperature)->toBe((float) $celsius);
    }
});
