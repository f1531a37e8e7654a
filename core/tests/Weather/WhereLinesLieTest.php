<?php

declare(strict_types=1);

use IdleMixer\Core\Ask\Hours;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Tests\Support\Weather;

/*
 * Each line that decides what an hour is good for, met just on either side. Wind and Delta T as in HoursTableTest; the others are our own.
 * The sun of 21 June at 50° N, 10° E stands 63.1° high at 11:00 UTC, 40.3° at 15:00, 11.95° at 18:00, 9.0° at 18:20 and 1.6° at 03:30
 * (suncalc, SunTest); Delta T of 25 °C is 10.6, 9.8, 9.5 and 7.7 °C at 30, 34, 36 and 46 %, of 18 °C 2.2 and 1.97 °C at 80 and 82 %; the dew
 * point of 10 °C is 6.7 and 7.25 °C at 80 and 83 % (psychrolib, AirTest).
 */
it('says on either side of each line what it says of an hour', function (string $spray, string $at, array $air, array $more, string $verdict, string $code, bool $isSaid): void {
    [$temperature, $humidity, $wind, $rain, $cloud] = array_map(static fn(mixed $one): float => is_numeric($one) ? (float) $one : 0.0, array_values($air));
    $hour = Weather::judged($spray, $at, [$temperature, $humidity, $wind, $rain, $cloud], $more);
    expect([$hour['verdict'], in_array($code, $hour['codes'], true)])->toBe([$verdict, $isSaid], implode(' | ', $hour['texts']));
})->with([
    'wind of 15 km/h' => ['plain-soap', '2026-06-21T18:00:00Z', [19, 65, 15, 0, 0], [], 'good', 'windy', false],
    'a little more' => ['plain-soap', '2026-06-21T18:00:00Z', [19, 65, 15.5, 0, 0], [], 'workable', 'windy', true],
    'wind of 20 km/h' => ['plain-soap', '2026-06-21T18:00:00Z', [19, 65, 20, 0, 0], [], 'workable', 'windy', true],
    'a little more than that' => ['plain-soap', '2026-06-21T18:00:00Z', [19, 65, 20.5, 0, 0], [], 'no', 'windy', true],
    'still at 29.5 °C' => ['fine-paraffin-mist', '2026-06-21T19:00:00Z', [29.5, 55, 2.9, 0, 0], [], 'workable', 'still', true],
    'still at 29 °C' => ['fine-paraffin-mist', '2026-06-21T19:00:00Z', [29.0, 55, 2.9, 0, 0], [], 'good', 'still', false],
    'a breath of wind at 29.5 °C' => ['fine-paraffin-mist', '2026-06-21T19:00:00Z', [29.5, 55, 3.1, 0, 0], [], 'workable', 'still', false],

    // 0.892 of the full light at noon: through a sky of which 72 % are covered 44 %, of which 70 % are covered 45.5 %.
    'the sun through much cloud' => ['plain-soap', '2026-06-21T11:00:00Z', [20, 65, 6, 0, 72], [], 'workable', 'sun', true],
    'through a little less' => ['plain-soap', '2026-06-21T11:00:00Z', [20, 65, 6, 0, 70], [], 'no', 'sun', true],
    // 0.647 at three: six tenths of it are 39 %.
    'half shade in the afternoon' => ['plain-soap', '2026-06-21T15:00:00Z', [20, 65, 6, 0, 0], ['exposure' => 'half-shade'], 'workable', 'sun', true],
    // A leaf is warmer than the air by 8 °C times the light above a tenth: in the shade at noon 0.63, in the evening sun 0.86.
    'a leaf in the shade at 23.2 °C' => ['plain-soap', '2026-06-21T11:00:00Z', [23.2, 60, 6, 0, 0], ['exposure' => 'shade'], 'good', 'warm', false],
    'a leaf in the shade at 23.5 °C' => ['plain-soap', '2026-06-21T11:00:00Z', [23.5, 60, 6, 0, 0], ['exposure' => 'shade'], 'workable', 'warm', true],
    'a leaf in the evening sun at 23.1 °C' => ['plain-soap', '2026-06-21T18:00:00Z', [23.1, 60, 6, 0, 0], [], 'good', 'warm', false],
    'a leaf in the evening sun at 23.2 °C' => ['plain-soap', '2026-06-21T18:00:00Z', [23.2, 60, 6, 0, 0], [], 'workable', 'warm', true],

    'dries far too fast' => ['fine-paraffin-mist', '2026-06-21T11:00:00Z', [25, 30, 6, 0, 0], ['exposure' => 'shade'], 'no', 'dries-too-fast', true],
    'dries too fast' => ['fine-paraffin-mist', '2026-06-21T11:00:00Z', [25, 34, 6, 0, 0], ['exposure' => 'shade'], 'workable', 'dries-too-fast', true],
    'dries a little too fast' => ['fine-paraffin-mist', '2026-06-21T11:00:00Z', [25, 36, 6, 0, 0], ['exposure' => 'shade'], 'workable', 'dries-too-fast', true],
    'dries fast' => ['fine-paraffin-mist', '2026-06-21T11:00:00Z', [25, 46, 6, 0, 0], ['exposure' => 'shade'], 'good', 'dries-too-fast', false],
    'dries slowly' => ['plain-soap', '2026-06-21T18:00:00Z', [18, 82, 6, 0, 0], [], 'workable', 'dries-slowly', true],
    'dries' => ['plain-soap', '2026-06-21T18:00:00Z', [18, 80, 6, 0, 0], [], 'good', 'dries-slowly', false],
    'bare wood in damp air' => ['winter-wood-oil', '2026-02-10T11:00:00Z', [5, 91, 6, 0, 40], [], 'workable', 'dries-slowly', true],
    'bare wood in air that is hardly damp' => ['winter-wood-oil', '2026-02-10T11:00:00Z', [5, 89, 6, 0, 40], [], 'good', 'dries-slowly', false],

    'dew under a low sun' => ['plain-soap', '2026-06-21T18:20:00Z', [15, 96, 2, 0, 0], [], 'workable', 'dew', true],
    'none under a higher one' => ['plain-soap', '2026-06-21T18:00:00Z', [15, 96, 2, 0, 0], [], 'workable', 'dew', false],
    'dew in a light wind' => ['plain-soap', '2026-06-21T03:30:00Z', [11, 96, 7.9, 0, 0], [], 'workable', 'dew', true],
    'none in a little more' => ['plain-soap', '2026-06-21T03:30:00Z', [11, 96, 8.1, 0, 0], [], 'workable', 'dew', false],
    'dew on a leaf 3 °C colder than the air' => ['plain-soap', '2026-06-21T03:30:00Z', [10, 83, 2, 0, 0], [], 'workable', 'dew', true],
    'none in drier air' => ['plain-soap', '2026-06-21T03:30:00Z', [10, 80, 2, 0, 0], [], 'workable', 'dew', false],
]);

// Where the hours told end before frost can be ruled out: our own line of 5 °C.
it('does not rule out frost after 4.9 °C where nobody tells the night, and does after 5.5 °C', function (float $celsius, string $verdict): void {
    $answer = Hours::shipped()->answer(JsonText::parse(json_encode([
        'place' => ['latitude' => 50.0, 'longitude' => 10.0, 'zone' => 'UTC'],
        'recipe' => 'winter-wood-oil',
        'hours' => [Weather::hour(new DateTimeImmutable('2026-02-10T11:00:00Z'), [$celsius, 65.0, 6.0, 0.0, 40.0])],
    ], \JSON_THROW_ON_ERROR)));
    expect($answer['hours'][0]['verdict'])->toBe($verdict);
})->with([[4.9, 'workable'], [5.5, 'good']]);
