<?php

declare(strict_types=1);

namespace IdleMixer\Core\Data;

/** Numbers that decide a leaf test, each with its source. */
final class LeafLines
{
    /** Hours to wait, by school; the first is the default. */
    public const WAITS = ['value' => [48, 24, 72], 'unit' => 'h', 'source' => 'practice'];

    /** Hours after which leaves are looked at for the first time: a mark may be there already. */
    public const FIRST_LOOK = ['value' => 24, 'unit' => 'h', 'source' => 'practice'];

    /** More leaves than this at one strength are no test any more. */
    public const MOST_LEAVES = ['value' => 6, 'unit' => '1', 'source' => 'house'];

    /** Leaves of a test when nobody says how many: one old, one new, one between. */
    public const USUAL_LEAVES = ['value' => 3, 'unit' => '1', 'source' => 'practice'];

    /** Fewer leaves than this prove nothing. */
    public const FEWEST = ['value' => 2, 'unit' => '1', 'source' => 'practice'];

    /** Strengths of a ladder, by the batch. */
    public const LADDER = ['value' => [1.0, 0.5, 0.25], 'unit' => '1', 'source' => 'practice'];

    /** Share by which two strengths may differ and count as the same: as near as spoons come. */
    public const SAME_STRENGTH = ['value' => 0.05, 'unit' => '1', 'source' => 'house'];

    /** How many times as strong as what was tested a clean test still speaks for: three leaves cannot tell a tenth apart. */
    public const REACHES = ['value' => 1.2, 'unit' => '1', 'source' => 'practice'];

    /** Days after which a clean test has faded: two leaves once more. */
    public const FADES = ['value' => 60, 'unit' => 'd', 'source' => 'practice'];

    /** Up to this share of a leaf it is clean, up to the next slightly marked, above marked, and from the last on dead; percent. */
    public const CLEAN = ['value' => 1.0, 'unit' => '%', 'source' => 'house'];

    /** Up to this share of a leaf it is slightly marked, above it marked; percent. */
    public const SLIGHT = ['value' => 5.0, 'unit' => '%', 'source' => 'house'];

    /** From this share on a leaf is dead; percent. */
    public const DEAD = ['value' => 70.0, 'unit' => '%', 'source' => 'house'];

    /** A leaf beside that is hurt more than this says that it was not the spray alone; percent. */
    public const BESIDE_HURT = ['value' => 5.0, 'unit' => '%', 'source' => 'house'];

    /** How much is mixed for a test where cups are US cups. */
    public const CUP_US = ['value' => 1.0, 'unit' => '[cup_us]', 'source' => 'practice'];

    /** How much is mixed for a test elsewhere. */
    public const CUP_METRIC = ['value' => 250.0, 'unit' => 'mL', 'source' => 'practice'];

    /** Hours that a cup for a test is kept at most. */
    public const CUP_KEEPS = ['value' => 24.0, 'unit' => 'h', 'source' => 'house'];

    /** Days after a round from which leaves that are clean count for it. */
    public const ROUND_SHOWS = ['value' => 3, 'unit' => 'd', 'source' => 'practice'];

    /** Shares of the drawn leaves that a look is compared with; percent. */
    public const DRAWN = ['value' => [0.0, 1.0, 2.0, 5.0, 10.0, 20.0, 40.0, 70.0, 100.0], 'unit' => '%', 'source' => 'house'];

    /** What the words of older looks are taken for; percent. */
    public const OLD_WORDS = ['value' => ['clean' => 0.0, 'slight' => 3.0, 'marked' => 20.0, 'dead' => 100.0], 'unit' => '%', 'source' => 'house'];

    /** Shares of the leaves an eye is trained on, before chance moves each by a quarter: most below a fifth, where it matters; percent. */
    public const EYE_SHARES = ['value' => [0.8, 2.0, 3.5, 6.0, 9.0, 13.0, 18.0, 28.0, 45.0, 68.0], 'unit' => '%', 'source' => 'house'];

    /** Leaves of one round of the eye trainer, and how far off an eye may be without being told; percent. */
    public const EYE_LEAVES = ['value' => 10, 'unit' => '1', 'source' => 'house'];

    /** How far off an eye may be without being told; points of percent. */
    public const EYE_OFF = ['value' => 2.0, 'unit' => '%', 'source' => 'house'];

    /** Below this share of a leaf an eye is judged by itself; percent. */
    public const EYE_LOW = ['value' => 20.0, 'unit' => '%', 'source' => 'house'];
}
