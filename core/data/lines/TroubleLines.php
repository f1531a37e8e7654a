<?php

declare(strict_types=1);

namespace IdleMixer\Core\Data;

/** Numbers that decide what is suspected from signs, each with its source. */
final class TroubleLines
{
    /** How often is “usually”, “often”, “sometimes” and “never”. */
    public const SHARES = ['value' => ['u' => 0.85, 'o' => 0.55, 's' => 0.25, 'n' => 0.005], 'unit' => '1', 'source' => 'house'];

    /** From this chance on a trouble counts as likely. */
    public const LIKELY_FROM = ['value' => 0.6, 'unit' => '1', 'source' => 'house'];

    /** And when it is this many times as likely as the next one. */
    public const LEAD = ['value' => 2.0, 'unit' => '1', 'source' => 'house'];

    /** Below this chance a trouble is no suspect. */
    public const SUSPECT_FROM = ['value' => 0.03, 'unit' => '1', 'source' => 'house'];

    /** A look must be expected to tell this much. */
    public const WORTH_BITS = ['value' => 0.08, 'unit' => 'bit', 'source' => 'house'];

    /** And its sign to be this much commoner with one suspect than with another. */
    public const SPLIT = ['value' => 0.3, 'unit' => '1', 'source' => 'house'];

    /** A sign that is shown at least this often is missed when it is not there. */
    public const EXPECTED_FROM = ['value' => 0.5, 'unit' => '1', 'source' => 'house'];
}
