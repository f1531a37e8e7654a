<?php

declare(strict_types=1);

namespace IdleMixer\Core\Data;

/** Numbers that decide a verdict beyond `limits.php`, each with its source. */
final class SafetyLines
{
    /** Off by this much from what was wanted, measuring so is a stop. */
    public const MEASURED_OFF = ['value' => 25.0, 'unit' => '%', 'source' => 'house'];

    /** The time over which oil on a leaf is added up. */
    public const DAYS_A_WEEK = ['value' => 7.0, 'unit' => 'd', 'source' => 'practice'];

    /** This many weeks apart, what was sprayed before no longer counts. */
    public const WEEKS_OF_REST = ['value' => 2.0, 'unit' => '1', 'source' => 'practice'];
}
