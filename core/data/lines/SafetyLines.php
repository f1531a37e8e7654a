<?php

declare(strict_types=1);

namespace IdleMixer\Core\Data;

/** Numbers that decide a verdict beyond `limits.php`, each with its source. */
final class SafetyLines
{
    /** The time over which oil on a leaf is added up. */
    public const DAYS_A_WEEK = ['value' => 7.0, 'unit' => 'd', 'source' => 'practice'];

    /** What a round that is rinsed off within a day counts. */
    public const RINSED = ['value' => 0.25, 'unit' => '1', 'source' => 'practice'];

    /** How many times as much is wanted is said to this, upwards. */
    public const TIMES_STEP = ['value' => 0.1, 'unit' => '1', 'source' => 'house'];
}
