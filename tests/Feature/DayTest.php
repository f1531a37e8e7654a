<?php

declare(strict_types=1);

use App\Devices\SimulatedStation;
use App\Records\WeatherBook;
use IdleMixer\Core\Weather\Place;
use IdleMixer\Core\Weather\ToldHour;
use Illuminate\Support\Facades\Date;
use Tests\Feature\Notebook;

beforeEach(function (): void {
    Date::setTestNow('2026-06-21T12:00:00Z');
});

function keepGarden(string $source = 'station'): void
{
    $garden = Notebook::get('/api/garden');
    expect(Notebook::put('/api/garden', ['basedOn' => $garden->at('garden') === null ? 0 : $garden->number('garden.version'), 'place' => ['latitude' => 47.3, 'longitude' => 9.9, 'zone' => 'Europe/Vienna'], 'roomCelsius' => 20, 'source' => $source])->status)->toBe(200);
}

it('asks where the garden lies before it says which hour', function (): void {
    Notebook::plant('Zinnia');
    expect(Notebook::get('/api/day')->at('garden'))->toBeNull()->and(Notebook::get('/api/day')->list('plants'))->toBe([]);
    keepGarden();
    $day = Notebook::get('/api/day');
    expect($day->status)->toBe(200)->and($day->list('plants'))->toHaveCount(1)->and($day->list('grid.hours'))->toHaveCount(168)
        ->and($day->text('tellers.0.name'))->toBe('the simulated station')->and($day->text('grid.hours.0.at'))->toBe('2026-06-21T12:00:00Z');
});

it('goes by what was said at the door, then by the file, and says so', function (): void {
    Notebook::plant('Zinnia');
    keepGarden();
    expect(Notebook::post('/api/weather/door', ['submission' => Notebook::submission(), 'text' => '34 C, still'])->status)->toBe(201);
    $day = Notebook::get('/api/day?spray=fine-paraffin-mist');
    expect($day->text('tellers.0.name'))->toContain('34 C, still')->and($day->number('grid.hours.0.celsius'))->toBe(34.0)->and($day->number('grid.hours.1.celsius'))->toBe(34.0)
        ->and($day->text('tellers.1.name'))->toBe('the simulated station')->and($day->text('grid.hours.0.verdict'))->toBe('no');
    $table = "at,temperature_C,humidity_percent,wind_kmh,rain_mm,cloud_percent\n2026-06-21T18:00:00Z,19,60,5,0,10\n2026-06-21T19:00:00Z,18,65,5,0,10\n";
    expect(Notebook::post('/api/weather/files', ['submission' => Notebook::submission(), 'name' => 'june.csv', 'content' => $table])->status)->toBe(201);
    keepGarden('file');
    $day = Notebook::get('/api/day?spray=fine-paraffin-mist');
    expect($day->text('tellers.1.name'))->toBe('the file june.csv')->and($day->list('grid.hours'))->toHaveCount(4)
        ->and($day->text('plants.0.windows.0.from'))->toBe('2026-06-21T18:00:00Z')->and($day->text('garden.file.name'))->toBe('june.csv')
        // The last row tells an hour, too.
        ->and([$day->text('garden.file.from'), $day->text('garden.file.to')])->toBe(['2026-06-21T18:00:00Z', '2026-06-21T20:00:00Z'])
        ->and(Notebook::get('/api/garden')->text('garden.feed'))->toMatch('~^/calendar/[0-9a-f]{32}\\.ics$~');
    $wrong = Notebook::post('/api/weather/files', ['submission' => Notebook::submission(), 'name' => 'june.csv', 'content' => str_replace('19,60', '19,600', $table)]);
    expect($wrong->status)->toBe(422)->and($wrong->text('error.path'))->toBe('/content/hours/0/humidity_percent');
});

// Common practice, no source: the plant in the shade may be done at five, the one in full sun at eight.
it('goes by what is mixed, then by what was mixed last, then by plain soap', function (): void {
    Notebook::plant('Zinnia');
    keepGarden();
    $spray = static fn(): string => Notebook::get('/api/day')->text('spray.key');
    expect($spray())->toBe('plain-soap');
    $batch = Notebook::mixed(request: ['recipe' => 'mild-soap', 'make' => ['amount' => 1, 'unit' => 'L']]);
    expect($spray())->toBe("batch-{$batch}");
    Notebook::put("/api/batches/{$batch}/discarded", ['discarded' => true]);
    expect($spray())->toBe('mild-soap');
});

it('judges the hours for a recipe of the household’s own, too', function (): void {
    Notebook::plant('Zinnia');
    keepGarden();
    $own = [
        'format' => 'idle-mixer/recipe', 'version' => 1, 'slug' => 'own-winter-oil', 'name' => 'Own winter oil', 'use' => 'foliar', 'order' => 'all-together',
        'basis' => ['amount' => 1, 'unit' => 'L', 'of' => 'water'], 'lines' => [['ingredient' => 'paraffin-oil', 'amount' => 20, 'unit' => 'mL'], ['ingredient' => 'castile-soap', 'amount' => 5, 'unit' => 'mL']], 'notes' => '',
    ];
    $sprays = static fn(): array => Notebook::get('/api/day')->list('sprays');
    expect($sprays())->not->toContain(['key' => 'own-winter-oil', 'name' => 'Own winter oil']);
    Notebook::recipe($own);
    expect($sprays())->toContain(['key' => 'own-winter-oil', 'name' => 'Own winter oil'])
        ->and(Notebook::get('/api/day?spray=own-winter-oil')->status)->toBe(200);
});

it('gives each plant its own hours, by where it stands', function (): void {
    $stand = static fn(string $name, array $more): int => Notebook::post('/api/plants', json_encode(['submission' => Notebook::submission(), 'name' => $name, 'tolerance' => 'ordinary-leaf', ...$more], \JSON_THROW_ON_ERROR))->id();
    $sun = $stand('Sunny', ['exposure' => 'full-sun']);
    $shade = $stand('Shady', ['exposure' => 'shade']);
    $lamp = $stand('Lit', ['exposure' => 'shade', 'indoors' => true, 'lights' => ['on' => '06:00', 'off' => '22:00']]);
    keepGarden('file');
    $rows = "at,temperature_C,humidity_percent,wind_kmh,rain_mm,cloud_percent\n";
    foreach (range(12, 23) as $hour) {
        $rows .= "2026-06-21T{$hour}:00:00Z,20,60,5,0,0\n";
    }
    Notebook::post('/api/weather/files', ['submission' => Notebook::submission(), 'name' => 'a.csv', 'content' => $rows]);
    $verdict = static fn(int $plant, int $at): string => Notebook::get("/api/day?spray=plain-soap&plant={$plant}")->text("grid.hours.{$at}.verdict");
    // 17:00 and 20:00 by the clock of the place.
    expect([$verdict($sun, 3), $verdict($sun, 6), $verdict($shade, 3), $verdict($lamp, 3), $verdict($lamp, 8)])->toBe(['no', 'good', 'good', 'no', 'good']);
});

it('refuses a spray, a place and a weather that are none', function (): void {
    keepGarden();
    expect(Notebook::get('/api/day?spray=grandma')->text('error.path'))->toBe('/spray')
        ->and(Notebook::get('/api/day?spray=batch-99')->text('error.message'))->toContain('99')
        ->and(Notebook::put('/api/garden', ['basedOn' => 1, 'place' => ['latitude' => 147, 'longitude' => 0, 'zone' => 'UTC'], 'roomCelsius' => 20, 'source' => 'station'])->text('error.path'))->toBe('/place/latitude')
        ->and(Notebook::put('/api/garden', ['basedOn' => 1, 'place' => ['latitude' => 47, 'longitude' => 0, 'zone' => 'UTC'], 'roomCelsius' => 90, 'source' => 'station'])->text('error.path'))->toBe('/roomCelsius')
        ->and(Notebook::put('/api/garden', ['basedOn' => 1, 'place' => ['latitude' => 47, 'longitude' => 0, 'zone' => 'UTC'], 'roomCelsius' => 4.9, 'source' => 'station'])->text('error.path'))->toBe('/roomCelsius')
        ->and(Notebook::put('/api/garden', ['basedOn' => 1, 'place' => ['latitude' => 47, 'longitude' => 0, 'zone' => 'UTC'], 'roomCelsius' => 5, 'source' => 'station'])->status)->toBe(200)
        ->and(Notebook::put('/api/garden', ['basedOn' => 2, 'place' => ['latitude' => 47, 'longitude' => 0, 'zone' => 'UTC'], 'roomCelsius' => 40, 'source' => 'station'])->status)->toBe(200)
        ->and(Notebook::post('/api/weather/door', ['submission' => Notebook::submission(), 'text' => 'lovely'])->text('error.message'))->toContain('lovely');
});

it('makes up weather that is the same each time, and warm in the summer of its hemisphere', function (): void {
    $station = new SimulatedStation();
    $mean = static function (float $latitude, string $from) use ($station): float {
        $hours = $station->hours(new Place($latitude, 9.9, new DateTimeZone('UTC')), (new DateTimeImmutable($from))->getTimestamp(), 24 * 28);

        return array_sum(array_map(static fn(ToldHour $hour): float => $hour->temperature, $hours)) / count($hours);
    };
    $place = new Place(47.3, 9.9, new DateTimeZone('UTC'));
    expect($station->hours($place, 1782036000, 48))->toEqual($station->hours($place, 1782036000, 48))
        ->and(array_slice($station->hours($place, 1782036000, 48), 24))->toEqual($station->hours($place, 1782036000 + 86400, 24))
        ->and($mean(47.3, '2026-07-05'))->toBeGreaterThan($mean(47.3, '2026-01-05') + 10.0)
        ->and($mean(-35.0, '2026-01-05'))->toBeGreaterThan($mean(-35.0, '2026-07-05') + 5.0);
    foreach ([-89.0, -35.0, 0.0, 47.3, 70.0] as $latitude) {
        foreach ($station->hours(new Place($latitude, 0.0, new DateTimeZone('UTC')), 1782036000, 24 * 60) as $hour) {
            expect($hour->temperature > -40.0 && $hour->temperature < 60.0 && $hour->humidity >= 0.0 && $hour->humidity <= 100.0 && $hour->rain >= 0.0 && $hour->cloud >= 0.0 && $hour->cloud <= 100.0)->toBeTrue();
        }
    }
});

// Rain of the day before may have washed a round off, and a week ahead is planned: the house's own lines.
it('asks for the hours of a day back and a week ahead', function (): void {
    $hours = app(WeatherBook::class)->around(new Place(47.3, 9.9, new DateTimeZone('UTC')), new DateTimeImmutable('2026-06-21T18:20:00Z'))->hours;
    $at = static fn(int $key): string => gmdate('Y-m-d H:i', $hours[$key]->at ?? 0);
    expect(count($hours))->toBe(24 + 7 * 24)->and($at(0))->toBe('2026-06-20 18:00')->and($at(count($hours) - 1))->toBe('2026-06-28 17:00');
});

// Common practice, no source: no hour is good for a spray that the plant may not have at all; what passes leaves the hours, and says why not yet.
it('offers no hour for what may not go on a plant, and says what the gate says', function (): void {
    keepGarden();
    Notebook::post('/api/plants', ['submission' => Notebook::submission(), 'name' => 'Apple', 'kind' => 'Apple', 'tolerance' => 'ordinary-leaf', 'stage' => 'in-leaf', 'stageOn' => '2026-06-01']);
    $winter = Notebook::get('/api/day?spray=winter-wood-oil');
    expect($winter->list('plants.0.windows'))->toBe([])->and($winter->text('plants.0.against'))->toContain('leaf');
    $soap = Notebook::get('/api/day?spray=plain-soap');
    expect($soap->list('plants.0.windows'))->not->toBe([])->and($soap->text('plants.0.against'))->toBe('');
    Notebook::change('/api/plants/' . $soap->number('plants.0.id') . '/now', ['dry' => true]);
    $dry = Notebook::get('/api/day?spray=plain-soap');
    expect($dry->list('plants.0.windows'))->not->toBe([])->and($dry->text('plants.0.against'))->toContain('dry');
});
