<?php

declare(strict_types=1);

use IdleMixer\Core\Mix\Formulator;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Schedule\CleanLooks;
use IdleMixer\Core\Weather\SprayWants;
use IdleMixer\Core\Weather\ToldHour;
use IdleMixer\Core\Weather\WashOff;

// Common practice, no source: two clean looks a week apart, not one quiet week; a look before it is fair says nothing.
it('counts clean looks that are fair and a week apart', function (array $counts, int $clean): void {
    $rows = [];
    foreach ($counts as $day => $many) {
        $rows[] = [new DateTimeImmutable("2026-06-01T20:00:00Z +{$day} days"), is_numeric($many) ? (float) $many : 0.0];
    }
    expect(CleanLooks::of($rows, new DateTimeImmutable('2026-06-03T20:00:00Z')))->toBe($clean);
})->with([
    'none' => [[], 0],
    'too early' => [[1 => 0], 0],
    'one' => [[3 => 0], 1],
    'two on following days are one' => [[3 => 0, 4 => 0], 1],
    'two, a week apart' => [[3 => 0, 10 => 0], 2],
    'it came back between them' => [[3 => 0, 6 => 2, 10 => 0], 1],
    'it came back' => [[3 => 0, 10 => 0, 17 => 1], 0],
    'three' => [[3 => 0, 10 => 0, 17 => 0], 3],
]);

// Common practice, no source: oil shrugs off a little light rain; a real shower washes soap and neem off.
it('knows what rain took off', function (string $slug, array $rain, ?int $hour): void {
    $start = 1782036000;
    $hours = [];
    for ($i = 0; $i < 40; ++$i) {
        $mm = $rain[$i] ?? 0.0;
        $hours[] = new ToldHour($start + 3600 * $i, 15.0, 80.0, 5.0, is_numeric($mm) ? (float) $mm : 0.0, 90.0);
    }
    $recipe = RecipeCatalogue::shipped()->get($slug);
    $at = WashOff::at($hours, $start + 3600 * 5, SprayWants::shipped()->of((new Formulator())->onBasis($recipe), $recipe->use));
    expect($at === null ? null : intdiv($at - $start, 3600))->toBe($hour);
})->with([
    'soap, a shower an hour later' => ['plain-soap', [6 => 4.0], 6],
    'soap, a trace' => ['plain-soap', [6 => 0.1], null],
    'soap, just what wets' => ['plain-soap', [6 => 0.2], 6],
    'soap, just less' => ['plain-soap', [6 => 0.19], null],
    'soap, the next morning' => ['plain-soap', [16 => 8.0], null],
    'soap, before it was sprayed' => ['plain-soap', [4 => 8.0], null],
    'oil, light rain' => ['fine-paraffin-mist', [7 => 0.8], null],
    'oil, a shower' => ['fine-paraffin-mist', [7 => 5.0], 7],
    'oil, light rain that goes on' => ['fine-paraffin-mist', [6 => 0.9, 7 => 0.9, 8 => 0.9], 8],
    'neem, a shower four hours later' => ['neem-leaf-quart', [9 => 3.0], 9],
    'a drench' => ['empty-bed-neem-drench', [6 => 20.0], null],
]);
