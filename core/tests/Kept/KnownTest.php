<?php

declare(strict_types=1);

use IdleMixer\Core\Choice\KnownEffects;
use IdleMixer\Core\Choice\SprayFamily;
use IdleMixer\Core\Evidence\UnsprayedCatalogue;
use IdleMixer\Core\Tests\Support\Kept;
use IdleMixer\Core\Trouble\TroubleCatalogue;

it('takes every pest to do by itself, and every spray to do to it, what was taken when that was read through', function (): void {
    $known = KnownEffects::shipped();
    $answers = [];
    foreach (TroubleCatalogue::shipped()->pestSlugs() as $slug) {
        [$least, $most] = UnsprayedCatalogue::shipped()->of($slug)->after(7.0);
        $down = [];
        foreach (SprayFamily::cases() as $family) {
            $down[$family->value] = round(100.0 * (1.0 - exp($known->of(TroubleCatalogue::shipped()->trouble($slug), $family)->log)), 6) . ' % down';
        }
        $answers[$slug] = ['left alone for a week' => "{$least} to {$most} times as many", ...$down];
    }
    expect(Kept::change('known', $answers))->toBe('');
});
