<?php

declare(strict_types=1);

use IdleMixer\Core\Schedule\BiologyCatalogue;

// Two-spotted spider mite: lower threshold about 11.2 °C and 137 degree-days from egg to adult; 36 days at 15 °C, 16 at 20, 7 at 30
// (published, from memory, within a fifth).
it('grows spider mites as fast as published', function (float $celsius, float $days): void {
    expect(BiologyCatalogue::shipped()->of('spider-mites')?->at($celsius)->toAdult)->toEqualWithDelta($days, $days / 5);
})->with([[15.0, 36.0], [20.0, 16.0], [30.0, 7.0]]);

// Common practice, no source: eggs of mealybugs hatch within 7 to 10 days, up to 45 in the cold; 6 to 9 weeks to adult.
it('hatches mealybugs in a warm room, and in the cold, as gardeners find', function (): void {
    $biology = BiologyCatalogue::shipped()->of('mealybugs');
    assert($biology !== null);
    expect($biology->at(25.0)->firstHatch)->toEqualWithDelta(7.0, 0.5)
        ->and($biology->at(25.0)->lastHatch)->toEqualWithDelta(10.0, 0.5)
        // In a room at 20 °C; handbooks have 45 to 60 days there, and 28 to 40 at 25.
        ->and($biology->at(20.0)->toAdult)->toBeGreaterThan(45.0)->toBeLessThan(60.0)->and($biology->at(25.0)->toAdult)->toBeGreaterThan(28.0)->toBeLessThan(40.0)
        ->and($biology->at(12.0)->lastHatch)->toEqualWithDelta(45.0, 0.5)
        ->and($biology->at(2.0)->lastHatch)->toEqualWithDelta(45.0, 0.5);
});

// Aphids: threshold near 4 °C (published, from memory); about a week from birth to adult near 20 °C (common practice, no source).
it('grows aphids in about a week', function (): void {
    $biology = BiologyCatalogue::shipped()->of('aphids');
    assert($biology !== null);
    expect($biology->threshold)->toEqualWithDelta(4.0, 0.8)->and($biology->at(20.0)->toAdult)->toEqualWithDelta(7.5, 1.5)->and($biology->at(20.0)->lastHatch)->toBe(0.0);
});

// By hand: from the middle of first and last hatch to adult, over the warmth above the threshold. Whitefly at 22 °C: (380 - 120) / 13.7; mites at
// 30 °C: (137 - 50) / 18.8; aphids bear young, so all of it.
it('grows nymphs from the middle of the hatch on', function (string $trouble, float $celsius, float $days): void {
    expect(BiologyCatalogue::shipped()->of($trouble)?->at($celsius)->nymph())->toEqualWithDelta($days, 0.02);
})->with([['whitefly', 22.0, 18.98], ['spider-mites', 30.0, 4.63], ['thrips', 25.0, 10.78], ['aphids', 20.0, 9.0]]);

it('grows nothing below its threshold, and everything faster in the warm', function (string $trouble): void {
    $biology = BiologyCatalogue::shipped()->of($trouble);
    assert($biology !== null);
    expect($biology->at($biology->threshold - 1.0)->toAdult)->toBe(INF)
        ->and($biology->at(28.0)->toAdult)->toBeLessThan($biology->at(18.0)->toAdult)
        ->and($biology->at(22.0)->firstHatch)->toBeLessThanOrEqual($biology->at(22.0)->lastHatch)
        ->and($biology->at(22.0)->lastHatch)->toBeLessThan($biology->at(22.0)->toAdult);
})->with(BiologyCatalogue::shipped()->troubles());

it('knows none of what lays no eggs', function (): void {
    expect(BiologyCatalogue::shipped()->of('powdery-mildew'))->toBeNull();
});
