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

    /** How far spoons may be off without a word of caution: as near as they come. */
    public const SPOONS_OFF = ['value' => 0.10, 'unit' => '1', 'source' => 'practice'];

    /** From here on what spoons make of a spray may stop it, where that is over a limit. */
    public const SPOONS_STOP = ['value' => 0.25, 'unit' => '1', 'source' => 'practice'];

    /** So many times as much as was meant is another spray. */
    public const TIMES_MEANT = ['value' => 10.0, 'unit' => '1', 'source' => 'house'];

    /** How many times as much is wanted is said to this, upwards. */
    public const TIMES_STEP = ['value' => 0.1, 'unit' => '1', 'source' => 'house'];
}
