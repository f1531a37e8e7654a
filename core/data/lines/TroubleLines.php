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

    /** A sign that is as rare as this without a reason wants to be explained. */
    public const TELLING_TO = ['value' => 0.05, 'unit' => '1', 'source' => 'house'];

    /** A sign counts as explained where it is this many times as common as without a reason. */
    public const EXPLAINED_FROM = ['value' => 2.0, 'unit' => '1', 'source' => 'house'];

    /** How often troubles come together, by what chance makes of it, for each beyond the first. */
    public const TOGETHER = ['value' => 1.0, 'unit' => '1', 'source' => 'house'];

    /** So many troubles at once are thought of. */
    public const AT_ONCE = ['value' => 6, 'unit' => '1', 'source' => 'house'];

    /** A trouble that is met often on a plant, at a place or at a time is so many times as likely there; one that is met seldom so many times less. */
    public const OFTEN_HERE = ['value' => 3.0, 'unit' => '1', 'source' => 'house'];

    /** And one that is hardly ever met on other plants, there. */
    public const HARDLY_HERE = ['value' => 0.1, 'unit' => '1', 'source' => 'house'];

    /** Each case in a household makes the same trouble likelier by this share of what it was: it comes back, or was never quite gone. */
    public const HAD_HERE = ['value' => 0.5, 'unit' => '1', 'source' => 'house'];

    /** Cases up to which that goes on. */
    public const HAD_UP_TO = ['value' => 4, 'unit' => '1', 'source' => 'house'];

    /** Days back in which a case counts as had here. */
    public const HAD_WITHIN = ['value' => 730, 'unit' => 'd', 'source' => 'house'];

    /** Where nothing makes the signs likelier than no trouble at all, nothing fits. */
    public const FITS_FROM = ['value' => 1.0, 'unit' => '1', 'source' => 'house'];

    /** Days after a round in which a burn shows. */
    public const BURN_WITHIN = ['value' => 3.0, 'unit' => 'd', 'source' => 'practice'];

    /** Looks that are named when nothing fits. */
    public const LOOKS_WHEN_NONE = ['value' => 3, 'unit' => '1', 'source' => 'house'];

    /** Days back in which rounds are asked about. */
    public const ASK_ROUNDS = ['value' => 7, 'unit' => 'd', 'source' => 'house'];
}
