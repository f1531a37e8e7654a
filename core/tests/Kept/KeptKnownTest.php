<?php

declare(strict_types=1);

use IdleMixer\Core\Choice\KnownEffects;
use IdleMixer\Core\Evidence\Chance;
use IdleMixer\Core\Evidence\TrialSize;
use IdleMixer\Core\Evidence\UnsprayedCatalogue;
use IdleMixer\Core\Mix\SprayFamily;
use IdleMixer\Core\Tests\Support\Kept;
use IdleMixer\Core\Trouble\TroubleCatalogue;

it('takes every pest to do by itself, and every spray to do to it, what was taken when that was read through', function (): void {
    $known = KnownEffects::shipped();
    $answers = [];
    foreach (['aphids', 'mealybugs', 'spider-mites', 'scale', 'whitefly', 'thrips', 'leaf-beetles', 'powdery-mildew', 'black-spot', 'overwintering-eggs'] as $slug) {
        [$least, $most] = UnsprayedCatalogue::shipped()->of($slug)->after(7.0);
        $down = [];
        foreach (SprayFamily::cases() as $family) {
            $down[$family->value] = round(100.0 * (1.0 - exp($known->of(TroubleCatalogue::shipped()->trouble($slug), $family)->log)), 6) . ' % down';
        }
        $answers[$slug] = ['left alone for a week' => "{$least} to {$most} times as many", ...$down];
    }
    expect(Kept::change('known', $answers))->toBe('');
});

it('sizes trials as it did when that was read through', function (): void {
    $sizes = [];
    foreach ([[0.001, 0.9], [0.05, 0.6], [0.05, 0.35], [0.1, 0.45], [0.1, 0.3], [0.4, 0.5]] as [$one, $other]) {
        $size = TrialSize::between(log($one), log($other), new Chance(1));
        $sizes["{$one} left by one, {$other} by the other"] = "{$size->units} leaves, of a hundred such trials " . round(100.0 * $size->power) . ' tell';
    }
    expect(Kept::change('trial-sizes', $sizes))->toBe('');
});
