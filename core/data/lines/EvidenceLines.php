<?php

declare(strict_types=1);

namespace IdleMixer\Core\Data;

/** Numbers that decide what a count says, each with its source. */
final class EvidenceLines
{
    /** Percent down from which a round counts as having worked. */
    public const WORKED_FROM = ['value' => 80.0, 'unit' => '%', 'source' => 'house'];

    /** Percent down from which a round counts as having helped. */
    public const HELPED_FROM = ['value' => 40.0, 'unit' => '%', 'source' => 'house'];

    /** Fewer than this many before, and chance decides. */
    public const FEWEST_BEFORE = ['value' => 5.0, 'unit' => '1', 'source' => 'house'];

    /** Fewer judged rounds than this say little. */
    public const FEW_ROUNDS = ['value' => 3, 'unit' => '1', 'source' => 'house'];

    /** Share by which the stronger of two sprays may be above the weaker for their rounds to be judged together. */
    public const ALIKE = ['value' => 0.1, 'unit' => '1', 'source' => 'house'];

    /** A plant left alone compares nothing with fewer than this on it before. */
    public const FEWEST_UNTREATED = ['value' => 10.0, 'unit' => '1', 'source' => 'practice'];

    /** Where the plant left alone keeps less than this share by itself, nothing can be said of the spray. */
    public const UNTREATED_KEEPS = ['value' => 0.5, 'unit' => '1', 'source' => 'practice'];

    /** Share of the fair look by which a count may be early. */
    public const EARLY = ['value' => 0.15, 'unit' => '1', 'source' => 'practice'];

    /** A count before is no older than this. */
    public const BEFORE_WITHIN = ['value' => 72.0, 'unit' => 'h', 'source' => 'practice'];

    /** A count after is no later than this after the fair look. */
    public const AFTER_WITHIN = ['value' => 168.0, 'unit' => 'h', 'source' => 'practice'];

    /** Counts that are compared are no further apart than this. */
    public const PARTNERS_WITHIN = ['value' => 48.0, 'unit' => 'h', 'source' => 'practice'];

    /** Before a winter oil: since the leaves fell. */
    public const WINTER_BEFORE_WITHIN = ['value' => 2880.0, 'unit' => 'h', 'source' => 'house'];

    /** After a winter oil: through the next season. */
    public const WINTER_AFTER_WITHIN = ['value' => 7200.0, 'unit' => 'h', 'source' => 'house'];

    /** Back to this share of what it was, before the next round: it came back. */
    public const CAME_BACK = ['value' => 0.5, 'unit' => '1', 'source' => 'house'];

    /** Share of judged rounds that must have worked to keep a spray. */
    public const KEEP_FROM = ['value' => 0.66, 'unit' => '1', 'source' => 'house'];
}
