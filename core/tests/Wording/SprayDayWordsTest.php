<?php

declare(strict_types=1);

use IdleMixer\Core\Ask\Courses;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Mix\Formulator;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Schedule\MovedDate;
use IdleMixer\Core\Tests\Support\Weather;
use IdleMixer\Core\Weather\KeptWeather;
use IdleMixer\Core\Weather\Teller;
use IdleMixer\Core\Weather\TellerKind;
use IdleMixer\Core\Weather\ToldHour;
use IdleMixer\Core\Wording\MoveWords;
use IdleMixer\Core\Wording\RestWords;
use IdleMixer\Core\Wording\WeatherWords;

/*
 * Exact sentences: a wrong number, unit or limit in them would be believed. Limits as in the table of hours.
 */
it('says why an hour is none, with the figure, its limit and where that comes from', function (string $spray, string $at, array $air, array $more, string $sentence): void {
    [$temperature, $humidity, $wind, $rain, $cloud] = array_map(static fn(mixed $one): float => is_numeric($one) ? (float) $one : 0.0, array_values($air));
    expect(Weather::judged($spray, $at, [$temperature, $humidity, $wind, $rain, $cloud], $more)['texts'])->toContain($sentence);
})->with([
    'hot' => ['fine-paraffin-mist', '2026-06-21T19:00:00Z', [34, 50, 6, 0, 0], [], 'Too hot for oil: air 34 °C (at most 32 °C). Limit: published.'],
    'warm leaf' => ['plain-soap', '2026-06-21T19:00:00Z', [25.5, 60, 6, 0, 0], [], 'Warm for soap this strong: leaf 25.5 °C (best up to 24 °C, at most 27 °C). Limit: common practice, no source.'],
    'cold' => ['fine-paraffin-mist', '2026-04-10T16:00:00Z', [3, 70, 6, 0, 80], [], 'Too cold for oil: 3 °C (at least 4 °C). Limit: published.'],
    'wind' => ['plain-soap', '2026-06-21T18:00:00Z', [19, 65, 25, 0, 0], [], 'Too windy: 25 km/h (at most 20 km/h). The mist goes elsewhere, and into your face. Limit: our own limit.'],
    'some wind' => ['plain-soap', '2026-06-21T18:00:00Z', [19, 65, 18, 0, 0], [], 'Windy: 18 km/h (best up to 15 km/h). Stand with your back to it. Limit: published.'],
    'rain to come' => ['plain-soap', '2026-06-21T18:00:00Z', [19, 70, 6, 0, 90], ['then' => [1 => ['rain_mm' => 3]]], 'Rain in 1 hour (3 mm) washes soap this strong off (it needs 4 hours dry). Limit: our own limit.'],
    'rain that oil bears' => ['fine-paraffin-mist', '2026-06-21T18:00:00Z', [19, 70, 6, 0, 90], ['then' => [2 => ['rain_mm' => 0.8]]], 'Light rain in 2 hours (0.8 mm): oil bears up to 2 mm, less would be better. Limit: common practice, no source.'],
    'rain now' => ['plain-soap', '2026-06-21T18:00:00Z', [17, 85, 6, 1, 100], [], 'It is raining (1 mm in the hour). Limit: our own limit.'],
    'rain before' => ['plain-soap', '2026-06-21T18:00:00Z', [17, 75, 6, 0, 60], ['then' => [-1 => ['rain_mm' => 3]]], 'Leaves are still wet from rain 1 hour ago (wait at least 1 hour). Limit: our own limit.'],
    'frost' => ['winter-wood-oil', '2026-02-10T11:00:00Z', [8, 65, 6, 0, 40], ['then' => [20 => ['temperature_C' => -1]]], 'Frost in 20 hours (none may come within 48 hours). Limit: common practice, no source.'],
    'bloom' => ['plain-soap', '2026-06-21T18:00:00Z', [19, 65, 6, 0, 0], ['inBloom' => true], 'It is in open bloom: nothing is misted on flowers that bees visit. Wait until it is over. Limit: common practice, no source.'],
    'lights' => ['plain-soap', '2026-06-21T13:00:00Z', [22, 50, 0, 0, 0], ['indoors' => true, 'exposure' => 'shade', 'lights' => ['on' => '06:00', 'off' => '22:00']], 'The lights are on: wait until they go off, as for dusk. Limit: common practice, no source.'],
    // Computed with psychrolib: 30 °C and 40 % have their wet bulb at 20.06 °C, so Delta T is 9.9 °C.
    'dry' => ['fine-paraffin-mist', '2026-06-21T19:00:00Z', [30, 40, 6, 0, 0], [], 'Dry: drops dry fast (Delta T 9.9 °C, best up to 8 °C). Wet it well. Limit: published.'],
]);

it('says of the sun how high it stands, and how much of it falls there', function (): void {
    // By astronomy: at 50° N the noon sun of the solstice stands 63.4° high; 11:00 UTC is twenty minutes before it at 10° E.
    expect(Weather::judged('plain-soap', '2026-06-21T11:00:00Z', [22.0, 60.0, 6.0, 0.0, 0.0])['texts'][0])
        ->toMatch('/\ASun burns wet leaves: it stands 63° high and the plant is in full sun \(light 89 % of the strongest; at most 45 %\)\. Limit: our own limit\.\z/');
});

it('says on which day of a programme what is done, and why', function (): void {
    $answer = Courses::shipped()->answer(JsonText::parse('{"trouble":"mealybugs","methods":["soap-and-alcohol-by-eye","neem-leaf-quart"],"start":"2026-04-01","pressure":"moderate","temperature_C":12}'));
    $said = array_map(static fn(array $entry): string => "{$entry['on']} {$entry['kind']}: {$entry['because']}", $answer['entries']);
    expect($said)->toContain('2026-04-01 round: The first round. Knock back by hand what you can before it.')
        ->and($said)->toContain('2026-04-08 round: Day 7: in turn, 7 days after “Soap and alcohol, by eye”.')
        ->and($said)->toContain('2026-04-18 round: Day 17: in turn, 10 days after “Neem leaf spray”.')
        ->and($said)->toContain('2026-05-23 look: Day 52: the look that judges the programme, 1 day after its last round. Clean, with clean new growth, is the first of two.');
});

it('says what a programme leaves open, and how close rounds would leave nothing', function (): void {
    // By the published figures of the mite at 30 °C: 60 of 137 degree-days to the last hatch, 3 days; 87 from the mean hatch on, 4.6 days.
    $answer = Courses::shipped()->answer(JsonText::parse('{"trouble":"spider-mites","methods":["plain-soap"],"start":"2026-04-01","temperature_C":30,"everyDays":14}'));
    expect($answer['gaps'])->toBe([['from' => '2026-04-02', 'to' => '2026-04-04', 'because' => 'What hatches on these days is grown 5 days later at 30 °C, before the round of day 14. No gap is left up to 5 days apart.']]);
});

it('says of what bears young that they are born, and what comes after the last round', function (): void {
    $gap = static fn(string $trouble, int $celsius): string => Courses::shipped()->answer(JsonText::parse('{"trouble":"' . $trouble . '","methods":["plain-soap"],"start":"2026-04-01","temperature_C":' . $celsius . ',"everyDays":14}'))['gaps'][0]['because'] ?? '';
    // Aphids at 20 °C: 144 degree-days above 4 °C, 9 days from birth to adult.
    expect($gap('aphids', 20))->toBe('What is born on these days is grown 9 days later at 20 °C, before the round of day 14. No gap is left up to 10 days apart.');
});

it('says why a date moved', function (): void {
    $words = MoveWords::shipped();
    expect($words->move(new MovedDate('by-hand', null, 'Away on Thursday.')))->toBe('You moved it: Away on Thursday.')
        ->and($words->move(new MovedDate('by-hand', null)))->toBe('You moved it: without a reason.')
        ->and($words->move(new MovedDate('washed-off', null)))->toBe('Earlier: rain washed the last round off.');
});

it('says where a rest may go, by what is in it', function (string $slug, array $contains, array $lacks): void {
    $where = RestWords::shipped()->where((new Formulator())->onBasis(RecipeCatalogue::shipped()->get($slug)));
    foreach ($contains as $part) {
        assert(is_string($part));
        expect($where)->toContain($part);
    }
    foreach ($lacks as $part) {
        assert(is_string($part));
        expect($where)->not->toContain($part);
    }
})->with([
    'soap' => ['plain-soap', ['never into a drain'], ['fish', 'Soda', 'flame', 'gas']],
    'neem' => ['neem-leaf-quart', ['never into a drain', 'harm fish'], ['Soda', 'flame']],
    'soda with oil' => ['soda-leaf-spray', ['harm fish', 'Soda salts the soil'], ['flame']],
    'alcohol' => ['half-alcohol-swab', ['no flame near'], ['Soda']],
    'peroxide' => ['peroxide-in-turn', ['leave it open'], ['flame']],
]);

it('says the weather of an hour in a line', function (ToldHour $hour, string $line): void {
    expect(WeatherWords::of(KeptWeather::of($hour, new Teller(TellerKind::Station, '', 0, 3600))))->toBe("{$line} (the simulated station)");
})->with([
    [new ToldHour(0, 21.4, 59.6, 6.2, 0.0, 10.0), '21 °C, 60 % humid, wind 6 km/h'],
    [new ToldHour(0, -3.0, 80.0, null, 1.25, null), '-3 °C, 80 % humid, rain 1.25 mm'],
    [new ToldHour(0, 0.0, 80.0, 0.0, null, null), '0 °C, 80 % humid, wind 0 km/h'],
]);
