<?php

declare(strict_types=1);

use App\Devices\SimulatedStation;
use Database\Demo\DemoSeason;
use IdleMixer\Core\Tests\Support\Kept;
use IdleMixer\Core\Weather\Place;
use IdleMixer\Core\Weather\ToldHour;
use Illuminate\Support\Facades\Date;
use Tests\Feature\Notebook;

/*
 * What is answered of the demo season on an evening in June, kept as it was when it was read through.
 */

/** What is drawn anew each time is the same each time. */
function undrawn(string $text): string
{
    return (string) preg_replace('/[0-9a-f]{32}|[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}/', 'drawn', $text);
}

it('answers of the demo season what it answered when that was read through', function (): void {
    Date::setTestNow('2026-06-20T18:00:00Z');
    app(DemoSeason::class)->write(new DateTimeImmutable('2026-06-20T18:00:00Z'));
    $paths = ['today', 'opening?case=5', 'plants/2', 'cases/5', 'cases/6/ahead', 'leaf-tests/1', 'batches/18', 'batches/18/rest', 'worked', 'trials'];
    foreach ($paths as $path) {
        $answer = Notebook::get("/api/{$path}");
        $name = trim((string) preg_replace('/\W+/', '-', $path), '-');
        expect(Kept::change($name, ['status' => $answer->status, 'answer' => json_decode(undrawn($answer->text), true)], Kept::OF_FEATURES))->toBe('', $path);
    }
});

it('makes up the same weather for the same hour, whichever version does', function (): void {
    $station = new SimulatedStation();
    $weather = [];
    foreach ([[47.3, 9.9], [-35.0, 150.0], [66.0, -20.0], [0.5, -78.0]] as [$latitude, $longitude]) {
        foreach (['2026-01-15', '2026-04-12', '2026-07-15', '2026-10-20'] as $day) {
            $hours = $station->hours(new Place($latitude, $longitude, new DateTimeZone('UTC')), (new DateTimeImmutable("{$day}T00:00:00Z"))->getTimestamp(), 6);
            $weather["{$latitude} {$longitude} {$day}"] = array_map(static fn(ToldHour $hour): string => "{$hour->temperature} °C, {$hour->humidity} %, {$hour->wind} km/h, {$hour->rain} mm, cloud {$hour->cloud} %", $hours);
        }
    }
    expect(Kept::change('station', $weather, Kept::OF_FEATURES))->toBe('');
});
