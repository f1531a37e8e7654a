<?php

declare(strict_types=1);

use IdleMixer\Core\Weather\DoorReader;

/*
 * What people say of the weather at the door, in figures. Wind by Beaufort's words (from memory): calm under 1 km/h, light air and breeze to
 * 11, gentle 12 to 19, moderate 20 to 28, fresh 29 to 38, a storm from 62 on. Humidity, cloud and rain are the house's own reading.
 */
it('takes words for figures', function (string $word, string $of, float $value): void {
    $told = DoorReader::shipped()->read("18 C, {$word}", 0, '');
    expect(['wind' => $told->wind, 'humidity' => $told->humidity, 'cloud' => $told->cloud, 'rain' => $told->rain][$of])->toBe($value);
})->with([
    ['still', 'wind', 0.5], ['calm', 'wind', 0.5], ['light', 'wind', 6.0], ['breeze', 'wind', 10.0], ['breezy', 'wind', 14.0], ['windy', 'wind', 24.0], ['wind', 'wind', 24.0], ['gusty', 'wind', 30.0], ['gusts', 'wind', 30.0], ['storm', 'wind', 70.0],
    ['dry', 'humidity', 40.0], ['humid', 'humidity', 85.0], ['sticky', 'humidity', 85.0], ['damp', 'humidity', 88.0], ['muggy', 'humidity', 88.0], ['mist', 'humidity', 96.0], ['misty', 'humidity', 96.0], ['dew', 'humidity', 97.0], ['foggy', 'humidity', 98.0], ['fog', 'humidity', 98.0],
    ['clear', 'cloud', 0.0], ['sunny', 'cloud', 5.0], ['sun', 'cloud', 5.0], ['bright', 'cloud', 20.0], ['hazy', 'cloud', 40.0], ['clouds', 'cloud', 60.0], ['cloudy', 'cloud', 85.0], ['overcast', 'cloud', 100.0], ['grey', 'cloud', 100.0], ['gray', 'cloud', 100.0],
    ['drizzle', 'rain', 0.4], ['wet', 'rain', 1.0], ['rain', 'rain', 2.0], ['raining', 'rain', 2.0], ['rainy', 'rain', 2.0], ['shower', 'rain', 3.0], ['showers', 'rain', 3.0],
]);

it('takes air of which nobody says how damp it is for ordinary, and a mile for what it is', function (): void {
    // 60 % is the house's own; the international mile is 1.609344 km, exact.
    expect(DoorReader::shipped()->read('18 C', 0, '')->humidity)->toBe(60.0)
        ->and(DoorReader::shipped()->read('18 C', 0, '')->rain)->toBe(0.0)
        ->and(DoorReader::shipped()->read('64.4 F, 10 mph, 55 %', 0, '')->wind)->toEqualWithDelta(16.09344, 1e-9)
        ->and(DoorReader::shipped()->read('64.4 F, 10 mph, 55 %', 0, '')->temperature)->toEqualWithDelta(18.0, 1e-9);
});
