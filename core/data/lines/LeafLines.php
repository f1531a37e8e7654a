<?php

declare(strict_types=1);

namespace IdleMixer\Core\Data;

/** Numbers that decide a leaf test, each with its source. */
final class LeafLines
{
    /** Hours to wait, by school; the first is the default. */
    public const WAITS = ['value' => [48, 24], 'unit' => 'h', 'source' => 'practice'];

    /** More leaves than this are no test any more. */
    public const MOST_LEAVES = ['value' => 6, 'unit' => '1', 'source' => 'house'];

    /** Leaves of a test when nobody says how many. */
    public const USUAL_LEAVES = ['value' => 2, 'unit' => '1', 'source' => 'practice'];

    /** Share by which two strengths may differ and count as the same: as near as spoons come. */
    public const SAME_STRENGTH = ['value' => 0.05, 'unit' => '1', 'source' => 'house'];
}
