<?php

declare(strict_types=1);

use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Weather\DoorReader;
use IdleMixer\Core\Weather\Forecast;
use IdleMixer\Core\Weather\HoursFile;
use IdleMixer\Core\Weather\HoursWriter;
use IdleMixer\Core\Weather\Place;
use IdleMixer\Core\Weather\Teller;
use IdleMixer\Core\Weather\ToldHour;
use IdleMixer\Core\Weather\ToldHours;
use IdleMixer\Core\Weather\WeatherReader;

// Words of the Beaufort scale, from memory: a breeze is some 6 to 19 km/h; 75 °F are 23.9 °C and a mile 1.609 km by definition.
it('reads what is said at the door', function (string $text, float $celsius, ?float $leastWind, ?float $mostWind, float $leastHumidity, float $mostHumidity): void {
    $hour = DoorReader::shipped()->read($text, 1000, '/text');
    expect($hour->temperature)->toEqualWithDelta($celsius, 0.05)
        ->and($hour->humidity)->toBeGreaterThanOrEqual($leastHumidity)->toBeLessThanOrEqual($mostHumidity);
    if ($leastWind === null || $mostWind === null) {
        expect($hour->wind)->toBeNull();
    } else {
        expect($hour->wind)->toBeGreaterThanOrEqual($leastWind)->toBeLessThanOrEqual($mostWind);
    }
})->with([
    ['24 C, breeze, dry', 24.0, 6.0, 19.0, 20.0, 50.0],
    ['75 F, still, sunny', 23.9, 0.0, 3.0, 50.0, 70.0],
    ['24°C breezy and humid', 24.0, 6.0, 19.0, 75.0, 95.0],
    ['18.5 degrees C; windy; overcast', 18.5, 20.0, 38.0, 50.0, 70.0],
    ['-3 c calm', -3.0, 0.0, 3.0, 50.0, 70.0],
    ['21 C, 45 %, 12 km/h', 21.0, 12.0, 12.0, 45.0, 45.0],
    ['70 F, 10 mph, clear', 21.1, 16.0, 16.2, 50.0, 70.0],
    ['20 C', 20.0, null, null, 50.0, 70.0],
]);

it('says what it does not understand', function (string $text, string $words): void {
    try {
        DoorReader::shipped()->read($text, 1000, '/text');
    } catch (InvalidDocument $fault) {
        expect([$fault->path(), str_contains($fault->getMessage(), $words)])->toBe(['/text', true], $fault->getMessage());

        return;
    }
    expect('taken')->toBe('refused');
})->with([
    ['nice', 'nice'],
    ['breeze, dry', 'How warm'],
    ['24 C 75 F', 'two temperatures'],
    ['400 C', '400'],
    ['24 C <script>', 'script'],
    ['', 'How warm'],
]);

const HOURS_AS_TABLE = "at,temperature_C,humidity_percent,wind_kmh,rain_mm,cloud_percent\n2026-06-21T10:00:00Z,20,60,5,0,10\n2026-06-21T11:00:00Z,21.5,55,,0.2,\n";

it('reads a table of hours, and the same as JSON', function (string $table): void {
    $file = new HoursFile(new WeatherReader());
    $hours = $file->read($table);
    expect(count($hours))->toBe(2)
        ->and([$hours[1]->temperature, $hours[1]->humidity, $hours[1]->wind, $hours[1]->rain, $hours[1]->cloud])->toBe([21.5, 55.0, null, 0.2, null])
        ->and($hours[1]->at - $hours[0]->at)->toBe(3600)
        ->and($file->read(json_encode(HoursWriter::write($hours), \JSON_THROW_ON_ERROR)))->toEqual($hours);
})->with([
    'commas' => [HOURS_AS_TABLE],
    'semicolons, Windows line ends, a mark of UTF-8' => ["\u{FEFF}" . str_replace([',', "\n"], [';', "\r\n"], HOURS_AS_TABLE)],
    'tabs, quotes' => [str_replace([',', '20'], ["\t", '"20"'], str_replace('2026', '2026', 'at,temperature_C,humidity_percent,wind_kmh,rain_mm,cloud_percent')) . "\n" . "2026-06-21T10:00:00Z\t20\t60\t5\t0\t10\n\n2026-06-21T11:00:00Z\t21.5\t55\t\t0.2\t\n"],
]);

it('says what is wrong with a file of hours, and where', function (string $text, string $path, string $words): void {
    try {
        (new HoursFile(new WeatherReader()))->read($text);
    } catch (InvalidDocument $fault) {
        expect([$fault->path(), str_contains($fault->getMessage(), $words)])->toBe([$path, true], $fault->getMessage());

        return;
    }
    expect('taken')->toBe('refused');
})->with([
    ['', '/1', 'temperature_C'],
    ["when,warm\n1,2", '/1', 'when'],
    ["at,temperature_C,humidity_percent\n2026-06-21T10:00:00Z,20,60,5", '/2', 'more cells'],
    ["at,temperature_C,humidity_percent\n2026-06-21T10:00:00Z,warm,60", '/hours/0/temperature_C', 'finite number'],
    ["at,temperature_C,humidity_percent\nnoon,20,60", '/hours/0/at', 'date and time'],
    ["at,temperature_C,humidity_percent\n2026-06-21T10:00:00Z,20", '/hours/0', 'humidity_percent'],
    ["at,temperature_C,humidity_percent\n", '/hours', 'Between 1'],
    ["at,temperature_C,humidity_percent\n" . str_repeat("2026-06-21T10:00:00Z,20,60\n", 401), '', '400'],
    ["at,temperature_C\n\xE9", '', 'UTF-8'],
    ['{"hours": "many"}', '/hours', 'list'],
]);

it('asks the first that knows an hour, and says who told what', function (): void {
    $start = 1782036000;
    $hour = static fn(int $n, float $celsius): ToldHour => new ToldHour($start + 3600 * $n, $celsius, 60.0, 5.0, 0.0, 10.0);
    $place = new Place(50.0, 10.0, new DateTimeZone('UTC'));
    $door = ToldHours::atTheDoor('door', new ToldHour($start + 3600 + 900, 30.0, 40.0, null, 0.0, null), 2);
    $file = ToldHours::ofFile('file', array_map(static fn(int $n): ToldHour => $hour($n, 10.0), range(0, 4)));
    $forecast = Forecast::of([$door, $file], $place, $start, 8);
    expect(array_map(static fn(ToldHour $one): float => $one->temperature, $forecast->hours))->toBe([10.0, 30.0, 30.0, 10.0, 10.0])
        ->and(array_map(static fn(Teller $one): array => [$one->name, intdiv($one->from - $start, 3600), intdiv($one->to - $start, 3600)], $forecast->tellers))->toBe([['file', 0, 1], ['door', 1, 3], ['file', 3, 5]])
        ->and(array_map(static fn(ToldHour $one): array => [$one->temperature, $one->wind, $one->rain], $forecast->inside(21.0)->hours))->toBe(array_fill(0, 5, [21.0, 0.0, 0.0]));
});
