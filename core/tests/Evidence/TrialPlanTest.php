<?php

declare(strict_types=1);

use IdleMixer\Core\Evidence\LotTrial;
use IdleMixer\Core\Evidence\SpotLook;
use IdleMixer\Core\Evidence\TrialPlan;
use IdleMixer\Core\Schedule\TaskKind;

// Days of looks after the spraying are our own: 3, 7 and 14. That it ends at one of three looks: Pocock 1977 (Biometrika 64, from memory).
it('says what a trial asks for next, and when', function (?string $sprayed, array $looks, TaskKind $kind, string $at): void {
    $alike = [10.0, 10.0, 10.0, 10.0, 10.0, 10.0, 10.0, 10.0];
    $apart = [1.0, 30.0, 1.0, 30.0, 1.0, 30.0, 1.0, 30.0];
    $all = [];
    foreach ($looks as $on => $what) {
        $all[] = new SpotLook(new DateTimeImmutable("{$on}T08:00:00Z"), $what === 'apart' ? $apart : $alike);
    }
    $trial = new LotTrial([true, false, true, false, true, false, true, false], $all, $sprayed === null ? null : new DateTimeImmutable("{$sprayed}T09:00:00Z"));
    [$next, $due] = TrialPlan::next($trial, new DateTimeImmutable('2026-06-01T07:00:00Z'));
    expect([$next, $due->format('Y-m-d')])->toBe([$kind, $at]);
})->with([
    'begun' => [null, [], TaskKind::TrialCount, '2026-06-01'],
    'counted' => [null, ['2026-06-02' => 'alike'], TaskKind::TrialSpray, '2026-06-02'],
    'sprayed' => ['2026-06-02', ['2026-06-02' => 'alike'], TaskKind::TrialCount, '2026-06-05'],
    'looked at once' => ['2026-06-02', ['2026-06-02' => 'alike', '2026-06-05' => 'alike'], TaskKind::TrialCount, '2026-06-09'],
    'looked at twice' => ['2026-06-02', ['2026-06-02' => 'alike', '2026-06-05' => 'alike', '2026-06-10' => 'alike'], TaskKind::TrialCount, '2026-06-16'],
    'settled by the first look' => ['2026-06-02', ['2026-06-02' => 'alike', '2026-06-05' => 'apart'], TaskKind::TrialEnd, '2026-06-05'],
    'all three were had' => ['2026-06-02', ['2026-06-02' => 'alike', '2026-06-05' => 'alike', '2026-06-09' => 'alike', '2026-06-16' => 'alike'], TaskKind::TrialEnd, '2026-06-16'],
]);
