<?php

declare(strict_types=1);

use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Weather\KeptWeather;
use IdleMixer\Core\Weather\Teller;
use IdleMixer\Core\Weather\TellerKind;
use IdleMixer\Core\Weather\ToldHour;
use IdleMixer\Core\Wording\WeatherWords;

/*
 * What stays with a round of the weather it was sprayed in: figures, which any language can say.
 */

it('keeps figures, and says them as a sentence only when it is shown', function (): void {
    $kept = KeptWeather::of(new ToldHour(0, 21.44, 59.6, 6.2, 0.25, 10.0), new Teller(TellerKind::File, 'June', 0, 3600));
    expect($kept->json())->toBe('{"celsius":21.4,"humidity":59.6,"wind":6.2,"rain":0.25,"teller":"file","name":"June"}')
        ->and(WeatherWords::of(KeptWeather::kept($kept->json())))->toBe('21 °C, 60 % humid, wind 6 km/h, rain 0.25 mm (the file June)')
        ->and(KeptWeather::kept($kept->json()))->toEqual($kept)
        ->and(KeptWeather::kept(''))->toBeNull()
        ->and(WeatherWords::of(null))->toBe('');
});

// Sentences as notebooks and logs of before hold them.
it('makes figures of the sentences of before, and says them as they were', function (string $said, ?float $celsius, ?TellerKind $teller): void {
    $kept = KeptWeather::kept($said);
    expect([$kept?->celsius, $kept?->teller, $kept?->said])->toBe([$celsius, $teller, $celsius === null ? $said : ''])
        ->and(WeatherWords::of(KeptWeather::kept((string) $kept?->json())))->toBe($said);
})->with([
    ['21 °C, 60 % humid, wind 6 km/h (the simulated station)', 21.0, TellerKind::Station],
    ['-3 °C, 80 % humid, rain 1.25 mm (the file Mai (2))', -3.0, TellerKind::File],
    ['0 °C, 80 % humid, wind 0 km/h (what you said at the door: 0 C, still)', 0.0, TellerKind::Door],
    ['18 °C, 70 % humid', 18.0, null],
    ['Grey, and later a shower', null, null],
    ['{"celsius": not JSON', null, null],
]);

it('refuses figures that no weather has', function (string $document): void {
    expect(static fn(): KeptWeather => KeptWeather::read(JsonText::parse($document)))->toThrow(InvalidDocument::class);
})->with(['{"celsius":"21"}', '{"humidity":101}', '{"wind":-1}', '{"rain":1e300}', '{"teller":"neighbour"}', '{"cloud":10}']);
