<?php

declare(strict_types=1);

use IdleMixer\Core\Tests\Support\Weather;

/*
 * What practice says of an hour, by spray. Common practice, no source, except: not above 32 °C nor near freezing with oil
 * (university extension pest notes, from memory), Delta T 2 to 8 °C preferred and above 10 °C avoided, wind 3 to 15 km/h
 * (Australian Bureau of Meteorology and grains-industry guidance, from memory). Written down before the code.
 * The garden lies at 50° N, 10° E: on 21 June the sun stands 63° high at 11:20, 12° at 18:00, 5° at 19:00, 15° at 05:00 UTC.
 */

const OF_SOAP = 'plain-soap';
const OF_OIL = 'fine-paraffin-mist';
const OF_NEEM = 'neem-leaf-quart';
const OF_SODA = 'soda-leaf-spray';
const OF_SWAB = 'half-alcohol-swab';
const OF_PEROXIDE = 'peroxide-in-turn';
const OF_SCENT = 'rosemary-mist';
const OF_WINTER = 'winter-wood-oil';
const OF_BED = 'empty-bed-neem-drench';
const HOUR_NOON = '2026-06-21T11:00:00Z';
const HOUR_EVENING = '2026-06-21T18:00:00Z';
const HOUR_DUSK = '2026-06-21T19:00:00Z';
const HOUR_FEBRUARY = '2026-02-10T11:00:00Z';

/*
 * air: temperature °C, humidity %, wind km/h, rain mm, cloud %. `more`: what is special; `then`: hours before or after, by offset.
 */
it('says of an hour what practice says', function (string $spray, string $at, array $air, array $more, string $verdict, ?string $code): void {
    [$temperature, $humidity, $wind, $rain, $cloud] = array_map(static fn(mixed $one): float => is_numeric($one) ? (float) $one : 0.0, array_values($air));
    $hour = Weather::judged($spray, $at, [$temperature, $humidity, $wind, $rain, $cloud], $more);
    expect([$hour['verdict'], $code === null || in_array($code, $hour['codes'], true)])->toBe([$verdict, true], implode(' | ', $hour['texts']));
    if ($verdict !== 'good') {
        expect($hour['codes'])->not->toBe([]);
    }
})->with([
    // Light on a wet leaf.
    'noon sun on soap' => [OF_SOAP, HOUR_NOON, [22, 60, 6, 0, 0], [], 'no', 'sun'],
    'noon sun on oil' => [OF_OIL, HOUR_NOON, [22, 60, 6, 0, 0], [], 'no', 'sun'],
    'noon sun on soda' => [OF_SODA, HOUR_NOON, [22, 60, 6, 0, 0], [], 'no', 'sun'],
    'noon sun on a swab' => [OF_SWAB, HOUR_NOON, [22, 60, 6, 0, 0], [], 'no', 'sun'],
    'cloudy noon' => [OF_SOAP, HOUR_NOON, [20, 65, 6, 0, 100], [], 'workable', 'sun'],
    'cloudy noon, neem' => [OF_NEEM, HOUR_NOON, [20, 65, 6, 0, 90], [], 'workable', 'sun'],
    'cloud with gaps' => [OF_SOAP, HOUR_NOON, [20, 65, 6, 0, 80], [], 'workable', 'sun'],
    'half the sky open' => [OF_SOAP, HOUR_NOON, [20, 65, 6, 0, 50], [], 'no', 'sun'],
    'noon in the shade' => [OF_SOAP, HOUR_NOON, [22, 60, 6, 0, 0], ['exposure' => 'shade'], 'good', null],
    'noon in half shade' => [OF_NEEM, HOUR_NOON, [22, 60, 6, 0, 0], ['exposure' => 'half-shade'], 'no', 'sun'],
    'five in the afternoon, full sun' => [OF_SOAP, '2026-06-21T15:00:00Z', [23, 55, 6, 0, 0], [], 'no', 'sun'],
    'five in the afternoon, in the shade' => [OF_SOAP, '2026-06-21T15:00:00Z', [23, 55, 6, 0, 0], ['exposure' => 'shade'], 'good', null],
    'eight in the evening, full sun' => [OF_SOAP, HOUR_EVENING, [21, 60, 6, 0, 0], [], 'good', null],
    'eight in the evening, oil' => [OF_OIL, HOUR_EVENING, [21, 60, 6, 0, 0], [], 'good', null],
    'eight in the evening, neem' => [OF_NEEM, HOUR_EVENING, [21, 60, 6, 0, 0], [], 'good', null],
    'early morning' => [OF_SOAP, '2026-06-21T04:00:00Z', [15, 75, 6, 0, 0], [], 'good', null],
    'the sun will be strong within the hour' => [OF_SOAP, '2026-06-21T06:00:00Z', [17, 70, 6, 0, 0], [], 'workable', null],
    'low winter sun at noon on a hardy leaf' => [OF_SOAP, '2026-12-21T11:00:00Z', [12, 70, 6, 0, 100], [], 'good', null],
    'a drench at noon' => [OF_BED, HOUR_NOON, [22, 60, 6, 0, 0], [], 'good', null],
    'winter oil in the winter sun' => [OF_WINTER, HOUR_FEBRUARY, [8, 65, 6, 0, 0], [], 'good', null],
    'dark' => [OF_SOAP, '2026-06-21T23:00:00Z', [16, 75, 6, 0, 50], [], 'workable', 'dark'],
    // Civil twilight ends at 22:17 of that clock on 21 June and at 21:46 on 20 May (PHP's own sun): less than half an hour of light is none.
    'dark after a quarter of an hour' => [OF_SOAP, '2026-06-21T20:00:00Z', [18, 70, 6, 0, 0], [], 'workable', 'dark-soon'],
    'dark after three quarters' => [OF_SOAP, '2026-05-20T19:00:00Z', [18, 70, 6, 0, 0], [], 'good', null],
    'a drench, dark after a quarter of an hour' => [OF_BED, '2026-06-21T20:00:00Z', [18, 70, 6, 0, 0], [], 'workable', 'dark-soon'],
    'a quarter of an hour of light, plant inside' => [OF_SOAP, '2026-06-21T20:00:00Z', [18, 50, 0, 0, 0], ['indoors' => true], 'good', null],
    'noon in December south of the equator' => [OF_SOAP, '2026-12-21T12:00:00Z', [23, 50, 6, 0, 0], ['latitude' => -35.0, 'longitude' => 0.0], 'no', 'sun'],
    'noon in June far south: low sun' => [OF_SOAP, '2026-06-21T12:00:00Z', [12, 70, 6, 0, 0], ['latitude' => -54.0, 'longitude' => 0.0], 'good', null],
    'midnight sun' => [OF_SOAP, '2026-06-21T23:00:00Z', [12, 70, 6, 0, 0], ['latitude' => 70.0, 'longitude' => 10.0], 'good', null],
    'polar night' => [OF_SOAP, '2026-12-21T11:00:00Z', [-8, 80, 6, 0, 0], ['latitude' => 70.0, 'longitude' => 10.0], 'no', 'cold'],

    // Heat and cold.
    '34 °C, oil' => [OF_OIL, HOUR_DUSK, [34, 50, 6, 0, 0], [], 'no', 'hot'],
    '34 °C, neem' => [OF_NEEM, HOUR_DUSK, [34, 50, 6, 0, 0], [], 'no', 'hot'],
    '34 °C, soap' => [OF_SOAP, HOUR_DUSK, [34, 50, 6, 0, 0], [], 'no', 'hot'],
    '34 °C, soda' => [OF_SODA, HOUR_DUSK, [34, 50, 6, 0, 0], [], 'no', 'hot'],
    '34 °C, alcohol' => [OF_SWAB, HOUR_DUSK, [34, 50, 6, 0, 0], [], 'no', 'hot'],
    '34 °C, peroxide' => [OF_PEROXIDE, HOUR_DUSK, [34, 50, 6, 0, 0], [], 'no', 'hot'],
    '34 °C, scent' => [OF_SCENT, HOUR_DUSK, [34, 50, 6, 0, 0], [], 'no', 'hot'],
    '33 °C in the shade, oil' => [OF_OIL, HOUR_NOON, [33, 50, 6, 0, 0], ['exposure' => 'shade'], 'no', 'hot'],
    '30 °C at dusk, oil' => [OF_OIL, HOUR_DUSK, [30, 55, 6, 0, 0], [], 'workable', 'warm'],
    '31 °C at dusk, neem' => [OF_NEEM, HOUR_DUSK, [31, 55, 6, 0, 0], [], 'workable', 'warm'],
    '28 °C at dusk, neem with a splash of soap' => [OF_NEEM, HOUR_DUSK, [28, 60, 6, 0, 0], [], 'good', null],
    '28 °C at dusk, strong soap' => [OF_SOAP, HOUR_DUSK, [28, 60, 6, 0, 0], [], 'no', 'hot'],
    '25.5 °C at dusk, strong soap' => [OF_SOAP, HOUR_DUSK, [25.5, 60, 6, 0, 0], [], 'workable', 'warm'],
    '23 °C at dusk, strong soap' => [OF_SOAP, HOUR_DUSK, [23, 60, 6, 0, 0], [], 'good', null],
    '26 °C at dusk, soda' => [OF_SODA, HOUR_DUSK, [26, 60, 6, 0, 0], [], 'workable', 'warm'],
    '29 °C at dusk, soda' => [OF_SODA, HOUR_DUSK, [29, 60, 6, 0, 0], [], 'no', 'hot'],
    'still hot evening, oil' => [OF_OIL, HOUR_DUSK, [30, 55, 1, 0, 0], [], 'workable', null],
    'still hot evening, soap' => [OF_SOAP, HOUR_DUSK, [30, 55, 1, 0, 0], [], 'no', 'hot'],
    '3 °C, oil' => [OF_OIL, '2026-04-10T16:00:00Z', [3, 70, 6, 0, 80], [], 'no', 'cold'],
    '6 °C, oil' => [OF_OIL, '2026-04-10T16:00:00Z', [6, 60, 6, 0, 100], [], 'workable', 'cool'],
    '2 °C, soap' => [OF_SOAP, '2026-04-10T16:00:00Z', [2, 70, 6, 0, 80], [], 'no', 'cold'],
    '8 °C, soap' => [OF_SOAP, '2026-04-10T16:00:00Z', [8, 60, 6, 0, 100], [], 'workable', 'cool'],
    '14 °C, soap' => [OF_SOAP, '2026-04-10T16:00:00Z', [14, 60, 6, 0, 100], [], 'good', null],
    '6 °C, winter oil' => [OF_WINTER, HOUR_FEBRUARY, [6, 60, 6, 0, 40], [], 'good', null],
    '2 °C, winter oil' => [OF_WINTER, HOUR_FEBRUARY, [2, 60, 6, 0, 40], [], 'no', 'cold'],
    '30 °C on bare wood' => [OF_WINTER, '2026-03-20T11:00:00Z', [34, 40, 6, 0, 0], [], 'no', 'hot'],

    // Frost to come.
    'frost tomorrow, winter oil' => [OF_WINTER, HOUR_FEBRUARY, [8, 65, 6, 0, 40], ['then' => [20 => ['temperature_C' => -1]]], 'no', 'frost'],
    'frost in 40 hours, winter oil' => [OF_WINTER, HOUR_FEBRUARY, [8, 65, 6, 0, 40], ['then' => [40 => ['temperature_C' => -2]]], 'no', 'frost'],
    'frost in 60 hours, winter oil' => [OF_WINTER, HOUR_FEBRUARY, [8, 65, 6, 0, 40], ['then' => [60 => ['temperature_C' => -2]]], 'good', null],
    'frost in the night, oil on leaves' => [OF_OIL, '2026-04-10T16:00:00Z', [12, 55, 6, 0, 60], ['then' => [12 => ['temperature_C' => -1]]], 'no', 'frost'],
    'frost in 48 hours, winter oil' => [OF_WINTER, HOUR_FEBRUARY, [8, 65, 6, 0, 40], ['then' => [48 => ['temperature_C' => -2]]], 'no', 'frost'],
    'frost in 49 hours, winter oil' => [OF_WINTER, HOUR_FEBRUARY, [8, 65, 6, 0, 40], ['then' => [49 => ['temperature_C' => -2]]], 'good', null],
    'frost in the night, soap' => [OF_SOAP, '2026-04-10T16:00:00Z', [12, 55, 6, 0, 60], ['then' => [11 => ['temperature_C' => -1]]], 'no', 'frost'],
    'frost a day later, soap' => [OF_SOAP, '2026-04-10T16:00:00Z', [12, 55, 6, 0, 60], ['then' => [20 => ['temperature_C' => -1]]], 'workable', 'frost'],
    'frost outside, plant inside' => [OF_SOAP, '2026-04-10T18:00:00Z', [20, 45, 0, 0, 60], ['indoors' => true, 'then' => [11 => ['temperature_C' => 15]]], 'good', null],

    // Rain.
    'rain in one hour, soap' => [OF_SOAP, HOUR_EVENING, [19, 70, 6, 0, 90], ['then' => [1 => ['rain_mm' => 3]]], 'no', 'rain-soon'],
    'rain in one hour, neem' => [OF_NEEM, HOUR_EVENING, [19, 70, 6, 0, 90], ['then' => [1 => ['rain_mm' => 3]]], 'no', 'rain-soon'],
    'rain in one hour, oil' => [OF_OIL, HOUR_EVENING, [19, 70, 6, 0, 90], ['then' => [1 => ['rain_mm' => 3]]], 'no', 'rain-soon'],
    'rain in one hour, soda' => [OF_SODA, HOUR_EVENING, [19, 70, 6, 0, 90], ['then' => [1 => ['rain_mm' => 3]]], 'no', 'rain-soon'],
    'rain in one hour, peroxide' => [OF_PEROXIDE, HOUR_EVENING, [19, 70, 6, 0, 90], ['then' => [1 => ['rain_mm' => 3]]], 'no', 'rain-soon'],
    'light rain on oil' => [OF_OIL, HOUR_EVENING, [19, 70, 6, 0, 90], ['then' => [2 => ['rain_mm' => 0.8]]], 'workable', 'rain-soon'],
    'light rain on soap' => [OF_SOAP, HOUR_EVENING, [19, 70, 6, 0, 90], ['then' => [2 => ['rain_mm' => 0.8]]], 'no', 'rain-soon'],
    'light rain on neem' => [OF_NEEM, HOUR_EVENING, [19, 70, 6, 0, 90], ['then' => [2 => ['rain_mm' => 0.8]]], 'no', 'rain-soon'],
    'a trace of rain' => [OF_SOAP, HOUR_EVENING, [19, 70, 6, 0, 60], ['then' => [1 => ['rain_mm' => 0.1]]], 'good', null],
    'a shower next morning, neem' => [OF_NEEM, HOUR_EVENING, [19, 70, 6, 0, 60], ['then' => [10 => ['rain_mm' => 5]]], 'workable', 'rain-soon'],
    'a shower next morning, soda' => [OF_SODA, HOUR_EVENING, [19, 70, 6, 0, 60], ['then' => [10 => ['rain_mm' => 5]]], 'no', 'rain-soon'],
    'a shower next morning, soap' => [OF_SOAP, HOUR_EVENING, [19, 70, 6, 0, 60], ['then' => [10 => ['rain_mm' => 5]]], 'good', null],
    'rain two days later' => [OF_NEEM, HOUR_EVENING, [19, 70, 6, 0, 60], ['then' => [40 => ['rain_mm' => 9]]], 'good', null],
    'it rains' => [OF_SOAP, HOUR_EVENING, [17, 85, 6, 1, 100], [], 'no', 'raining'],
    'it drizzles on oil' => [OF_OIL, HOUR_EVENING, [17, 85, 6, 0.4, 100], [], 'no', 'raining'],
    'it rained an hour ago' => [OF_SOAP, HOUR_EVENING, [17, 75, 6, 0, 60], ['then' => [-1 => ['rain_mm' => 3]]], 'no', 'wet'],
    'it rained just what wets, an hour ago' => [OF_SOAP, HOUR_EVENING, [17, 75, 6, 0, 60], ['then' => [-1 => ['rain_mm' => 0.2]]], 'no', 'wet'],
    'it rained just less' => [OF_SOAP, HOUR_EVENING, [17, 75, 6, 0, 60], ['then' => [-1 => ['rain_mm' => 0.19]]], 'good', null],
    'it rained two hours ago' => [OF_SOAP, HOUR_EVENING, [17, 75, 6, 0, 60], ['then' => [-2 => ['rain_mm' => 3]]], 'workable', 'wet'],
    'it rained this morning' => [OF_SOAP, HOUR_EVENING, [17, 70, 6, 0, 60], ['then' => [-9 => ['rain_mm' => 8]]], 'good', null],
    'rain in ten hours on winter oil' => [OF_WINTER, HOUR_FEBRUARY, [8, 65, 6, 0, 60], ['then' => [10 => ['rain_mm' => 4]]], 'no', 'rain-soon'],
    'rain tomorrow on winter oil' => [OF_WINTER, HOUR_FEBRUARY, [8, 65, 6, 0, 60], ['then' => [20 => ['rain_mm' => 4]]], 'workable', 'rain-soon'],
    'rain outside, plant inside' => [OF_SOAP, HOUR_EVENING, [20, 50, 0, 3, 100], ['indoors' => true, 'exposure' => 'shade'], 'good', null],
    'a shower on a drench' => [OF_BED, HOUR_EVENING, [17, 75, 6, 0, 60], ['then' => [1 => ['rain_mm' => 3]]], 'good', null],

    // Wind, and how fast it dries.
    '25 km/h' => [OF_SOAP, HOUR_EVENING, [19, 65, 25, 0, 0], [], 'no', 'windy'],
    '25 km/h, oil' => [OF_OIL, HOUR_EVENING, [19, 65, 25, 0, 0], [], 'no', 'windy'],
    '25 km/h, winter oil' => [OF_WINTER, HOUR_FEBRUARY, [8, 65, 25, 0, 0], [], 'no', 'windy'],
    '18 km/h' => [OF_SOAP, HOUR_EVENING, [19, 65, 18, 0, 0], [], 'workable', 'windy'],
    '12 km/h' => [OF_SOAP, HOUR_EVENING, [19, 65, 12, 0, 0], [], 'good', null],
    'still and mild' => [OF_SOAP, HOUR_EVENING, [18, 65, 1, 0, 0], [], 'good', null],
    '25 km/h, a drench' => [OF_BED, HOUR_EVENING, [19, 65, 25, 0, 0], [], 'good', null],
    '25 km/h, a swab' => [OF_SWAB, HOUR_EVENING, [19, 65, 25, 0, 0], [], 'good', null],
    '30 km/h outside, plant inside' => [OF_SOAP, HOUR_EVENING, [20, 50, 30, 0, 0], ['indoors' => true, 'exposure' => 'shade'], 'good', null],
    'hot and dry in the shade' => [OF_OIL, HOUR_NOON, [28, 20, 6, 0, 0], ['exposure' => 'shade'], 'no', 'dries-too-fast'],
    'warm and dry in the shade' => [OF_OIL, HOUR_NOON, [24, 35, 6, 0, 0], ['exposure' => 'shade'], 'workable', 'dries-too-fast'],
    'humid dusk' => [OF_OIL, HOUR_DUSK, [15, 93, 4, 0, 60], [], 'workable', 'dries-slowly'],
    'humid dusk, soap' => [OF_SOAP, HOUR_DUSK, [15, 93, 4, 0, 60], [], 'workable', 'dries-slowly'],
    'dew at dawn' => [OF_SOAP, '2026-06-21T03:30:00Z', [11, 96, 2, 0, 0], [], 'workable', 'dew'],
    'dew at dawn, oil' => [OF_OIL, '2026-06-21T03:30:00Z', [11, 96, 2, 0, 0], [], 'workable', 'dew'],

    // Bloom.
    'open bloom, soap' => [OF_SOAP, HOUR_EVENING, [19, 65, 6, 0, 0], ['inBloom' => true], 'no', 'bloom'],
    'open bloom, oil at dusk' => [OF_OIL, HOUR_DUSK, [19, 65, 6, 0, 0], ['inBloom' => true], 'no', 'bloom'],
    'open bloom, neem before the bees' => [OF_NEEM, '2026-06-21T04:00:00Z', [15, 75, 6, 0, 0], ['inBloom' => true], 'no', 'bloom'],
    'open bloom, single insects swabbed' => [OF_SWAB, HOUR_EVENING, [19, 65, 6, 0, 0], ['inBloom' => true], 'good', null],
    'open bloom, a drench' => [OF_BED, HOUR_EVENING, [19, 65, 6, 0, 0], ['inBloom' => true], 'good', null],

    // Indoors.
    'lights on' => [OF_SOAP, '2026-06-21T13:00:00Z', [22, 50, 0, 0, 0], ['indoors' => true, 'exposure' => 'shade', 'lights' => ['on' => '06:00', 'off' => '22:00']], 'no', 'lights'],
    'lights on, cloudy outside' => [OF_NEEM, '2026-06-21T13:00:00Z', [22, 50, 0, 0, 100], ['indoors' => true, 'exposure' => 'shade', 'lights' => ['on' => '06:00', 'off' => '22:00']], 'no', 'lights'],
    'lights off' => [OF_NEEM, '2026-06-21T22:00:00Z', [21, 50, 0, 0, 0], ['indoors' => true, 'exposure' => 'shade', 'lights' => ['on' => '06:00', 'off' => '22:00']], 'good', null],
    'lights through the night, at one' => [OF_NEEM, '2026-06-22T01:00:00Z', [21, 50, 0, 0, 0], ['indoors' => true, 'exposure' => 'shade', 'lights' => ['on' => '18:00', 'off' => '06:00']], 'no', 'lights'],
    'lights through the night, at noon' => [OF_NEEM, HOUR_NOON, [21, 50, 0, 0, 0], ['indoors' => true, 'exposure' => 'shade', 'lights' => ['on' => '18:00', 'off' => '06:00']], 'good', null],
    'lights on within the hour' => [OF_NEEM, '2026-06-21T05:00:00Z', [21, 50, 0, 0, 0], ['indoors' => true, 'exposure' => 'shade', 'lights' => ['on' => '06:00', 'off' => '22:00']], 'workable', 'lights-soon'],
    'noon on a sunny sill' => [OF_SOAP, HOUR_NOON, [22, 50, 0, 0, 0], ['indoors' => true], 'no', 'sun'],
    'late evening indoors, no lights' => [OF_SOAP, '2026-06-21T22:00:00Z', [21, 50, 0, 0, 0], ['indoors' => true], 'good', null],
]);
