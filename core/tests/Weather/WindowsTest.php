<?php

declare(strict_types=1);

use IdleMixer\Core\Ask\Hours;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Tests\Support\Weather;

/**
 * @param array<string, mixed>                        $more
 * @param callable(int): array{float, float, float, float, float} $air by hour since the start
 *
 * @return array{hours: list<array{at: string, verdict: string}>, windows: list<array{from: string, to: string, verdict: string, because: string}>}
 */
function week(string $spray, string $from, int $hours, callable $air, array $more = []): array
{
    $start = new DateTimeImmutable($from);

    return Hours::shipped()->answer(JsonText::parse(json_encode([
        'place' => ['latitude' => 50.0, 'longitude' => 10.0, 'zone' => 'Europe/Berlin'],
        'recipe' => $spray,
        'hours' => array_map(static fn(int $i): array => Weather::hour($start->modify("{$i} hours"), $air($i)), range(0, $hours - 1)),
        ...$more,
    ], \JSON_THROW_ON_ERROR)));
}

/** @return array{float, float, float, float, float} */
function fair(int $hour): array
{
    // A day of June, coldest at 04:00, warmest at 16:00 by local time.
    $swing = -cos(2 * M_PI * (($hour + 2 - 4) % 24) / 24);

    return [18.0 + 5.0 * $swing, 65.0 - 10.0 * $swing, 6.0, 0.0, 10.0];
}

// Common practice, no source: the plant in the shade may be done at five, the one in full sun at eight.
it('proposes each plant its own hours', function (): void {
    $sun = week('plain-soap', '2026-06-21T10:00:00Z', 14, fair(...));
    $shade = week('plain-soap', '2026-06-21T10:00:00Z', 14, fair(...), ['exposure' => 'shade']);
    [$inSun, $inShade] = [array_column($sun['hours'], 'verdict', 'at'), array_column($shade['hours'], 'verdict', 'at')];
    expect($inShade['2026-06-21T15:00:00Z'])->toBe('good')
        ->and($inSun['2026-06-21T15:00:00Z'])->toBe('no')
        ->and($inSun['2026-06-21T18:00:00Z'])->toBe('good')
        ->and($sun['windows'][0]['from'])->toBe('2026-06-21T18:00:00Z');
});

it('proposes at most three windows, good ones first, and only of hours that are good or workable', function (): void {
    $answer = week('plain-soap', '2026-06-21T00:00:00Z', 168, fair(...));
    $verdicts = array_column($answer['hours'], 'verdict', 'at');
    expect(count($answer['windows']))->toBe(3)->and(count(array_unique(array_column($answer['hours'], 'verdict'))))->toBeGreaterThan(1);
    foreach ($answer['windows'] as $window) {
        expect($window['verdict'])->toBe('good');
        for ($at = new DateTimeImmutable($window['from']); $at < new DateTimeImmutable($window['to']); $at = $at->modify('1 hour')) {
            expect($verdicts[$at->format('Y-m-d\TH:i:s\Z')])->toBe('good');
        }
    }
});

it('proposes none in a week that has none', function (): void {
    expect(week('plain-soap', '2026-06-21T00:00:00Z', 168, static fn(): array => [20.0, 70.0, 30.0, 0.0, 50.0])['windows'])->toBe([]);
});

it('tells a window by the clock of the place', function (): void {
    expect(week('plain-soap', '2026-06-21T10:00:00Z', 14, fair(...))['windows'][0]['because'])->toStartWith('Sun 21 Jun, 20:00 to ');
});

// At 50° N, 10° E the sun stands 6° below the horizon at 22:19 of the clock on 21 June, and at 21:46 on 20 May (reference library suncalc, PHP's
// own sun): the hour of which less than half is light is no part of a window, and that of which more is ends in the dark.
it('says from when it is dark where the light goes before the window ends, and only there', function (): void {
    $because = static fn(string $from, bool $indoors): string => week('plain-soap', $from, 14, fair(...), ['indoors' => $indoors])['windows'][0]['because'] ?? '';
    expect($because('2026-05-20T10:00:00Z', false))->toStartWith('Wed 20 May, 20:00 to 22:00')->toMatch('/ Be through by 21:(44|45|46|47|48): it is dark from then on\.$/')
        ->and($because('2026-06-21T10:00:00Z', false))->toBe('Sun 21 Jun, 20:00 to 22:00: good. Nothing against it.')
        // In a room there are lamps, and in the morning the light comes.
        ->and($because('2026-06-21T10:00:00Z', true))->not->toContain('dark')
        ->and(week('plain-soap', '2026-06-21T02:00:00Z', 6, fair(...))['windows'][0]['because'] ?? 'none')->not->toContain('dark');
});

it('loses and doubles no hour when the clock changes', function (string $from): void {
    $answer = week('plain-soap', $from, 48, fair(...));
    $at = array_column($answer['hours'], 'at');
    expect(count(array_unique($at)))->toBe(48);
    foreach ($answer['windows'] as $window) {
        expect(in_array($window['from'], $at, true))->toBeTrue()->and($window['to'] > $window['from'])->toBeTrue();
    }
})->with(['spring' => '2026-03-28T12:00:00Z', 'autumn' => '2026-10-24T12:00:00Z', 'leap day' => '2028-02-28T12:00:00Z', 'year end' => '2026-12-31T00:00:00Z']);

it('says what is wrong with a request, and where', function (array $change, string $path, string $words): void {
    $hour = Weather::hour(new DateTimeImmutable('2026-06-21T10:00:00Z'), [20.0, 60.0, 5.0, 0.0, 0.0]);
    $request = ['place' => ['latitude' => 50, 'longitude' => 10, 'zone' => 'UTC'], 'recipe' => 'plain-soap', 'hours' => [$hour, ['at' => '2026-06-21T11:00:00Z'] + $hour]];
    foreach ($change as $key => $value) {
        $at = &$request;
        $keys = explode('/', (string) $key);
        $last = array_pop($keys);
        foreach ($keys as $one) {
            assert(is_array($at));
            $at = &$at[$one];
        }
        assert(is_array($at));
        $at[$last] = $value;
        unset($at);
    }
    try {
        Hours::shipped()->answer(JsonText::parse(json_encode($request, \JSON_THROW_ON_ERROR)));
    } catch (InvalidDocument $fault) {
        expect([$fault->path(), str_contains($fault->getMessage(), $words)])->toBe([$path, true], $fault->getMessage());

        return;
    }
    expect('taken')->toBe('refused');
})->with([
    [['place/latitude' => 91], '/place/latitude', '-90 to 90'],
    [['place/longitude' => '10'], '/place/longitude', 'finite number'],
    [['place/zone' => 'Mars/Olympus'], '/place/zone', 'Europe/Berlin'],
    [['place/zone' => '+02:00'], '/place/zone', 'no time zone'],
    [['recipe' => 'no-such'], '/recipe', 'no-such'],
    [['plant' => 'roses'], '/plant', 'ordinary-leaf'],
    [['exposure' => 'sunny'], '/exposure', 'full-sun'],
    [['lights' => ['on' => '6', 'off' => '22:00']], '/lights/on', '06:00'],
    [['lights' => ['on' => '06:00', 'off' => '24:00']], '/lights/off', '06:00'],
    [['lights' => ['on' => '06:00']], '/lights', 'off'],
    [['hours' => []], '/hours', 'Between 1'],
    [['hours/0/temperature_C' => 1e300], '/hours/0/temperature_C', '°C'],
    [['hours/0/humidity_percent' => 101], '/hours/0/humidity_percent', '0 to 100'],
    [['hours/0/wind_kmh' => -1], '/hours/0/wind_kmh', '0 to'],
    [['hours/0/rain_mm' => 'much'], '/hours/0/rain_mm', 'finite number'],
    [['hours/1/at' => '2026-06-21T10:00:00Z'], '/hours/1/at', 'in order'],
    [['hours/1/at' => 'tomorrow'], '/hours/1/at', 'date and time'],
    [['hours/1/pressure' => 1013], '/hours/1/pressure', 'no key'],
]);

it('takes what nobody measured as not known', function (): void {
    $answer = Hours::shipped()->answer(JsonText::parse(json_encode(['place' => ['latitude' => 50, 'longitude' => 10, 'zone' => 'UTC'], 'recipe' => 'plain-soap', 'hours' => [['at' => '2026-06-21T18:00:00Z', 'temperature_C' => 20, 'humidity_percent' => 60]]], \JSON_THROW_ON_ERROR)));
    expect($answer['hours'][0]['verdict'])->toBe('good');
});
