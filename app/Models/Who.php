<?php

declare(strict_types=1);

namespace App\Models;

/** Who uses the device that writes, as it says itself: a name on what is written, and no key to anything. */
final class Who
{
    public const LONGEST = 40;

    /** Whose records bear a name. */
    public const TABLES = [
        'batch_steps', 'batch_ticks', 'batches', 'burns', 'case_steps', 'cases', 'counts', 'eye_rounds', 'leaf_readings', 'leaf_tests', 'measures', 'plants', 'recipe_versions', 'revisions', 'rounds', 'run_taps', 'runs',
        'sprayer_events', 'sprayers', 'stand_tests', 'task_moves', 'trial_looks', 'trials', 'weather_reports',
    ];

    private string $name = '';

    /** Anything that is no name is none: a device says it in a cookie, and anybody can write one. */
    public function says(?string $name): void
    {
        $clean = trim((string) preg_replace('/[\p{C}\p{Z}]+/u', ' ', $name ?? ''));
        $this->name = mb_strlen($clean) <= self::LONGEST ? $clean : '';
    }

    public function name(): string
    {
        return $this->name;
    }
}
