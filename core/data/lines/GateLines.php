<?php

declare(strict_types=1);

namespace IdleMixer\Core\Data;

/** Numbers that decide whether a spray may go on a plant now, beyond `limits.php`, each with its source. */
final class GateLines
{
    /** A round with so much oil is strong, percent v/v. */
    public const STRONG_OIL = ['value' => 2.0, 'unit' => '%', 'source' => 'practice'];

    /** What an oil is taken for of which nobody said how strong it was, percent v/v. */
    public const USUAL_OIL = ['value' => 1.0, 'unit' => '%', 'source' => 'extension-oil'];

    /** Days since sulfur, copper or oil that somebody only says was lately. */
    public const LATELY = ['value' => 3, 'unit' => 'd', 'source' => 'house'];

    /** Days to picking of what somebody only says is eaten soon. */
    public const EATEN_SOON = ['value' => 2, 'unit' => 'd', 'source' => 'house'];

    /** Two strong rounds are no closer than this. */
    public const STRONG_OIL_STOP = ['value' => 7, 'unit' => 'd', 'source' => 'practice'];

    /** And to be minded to this. */
    public const STRONG_OIL_MIND = ['value' => 28, 'unit' => 'd', 'source' => 'practice'];

    /** Oil no sooner than this after sulfur. */
    public const SULFUR_STOP = ['value' => 14, 'unit' => 'd', 'source' => 'extension-oil'];

    /** And to be minded to this. */
    public const SULFUR_MIND = ['value' => 30, 'unit' => 'd', 'source' => 'extension-oil'];

    /** Soap is to be minded so long after copper. */
    public const COPPER_MIND = ['value' => 7, 'unit' => 'd', 'source' => 'practice'];

    /** After a burn every spray is to be minded for so long. */
    public const BURN_RESTS = ['value' => 14, 'unit' => 'd', 'source' => 'practice'];

    /** Rounds that are asked about where leaves look burnt go back this far. */
    public const BURN_ASKED_BACK = ['value' => 28, 'unit' => 'd', 'source' => 'house'];

    /** What a seedling or a plant that was moved bears, as a share of the recipe. */
    public const YOUNG_FACTOR = ['value' => 0.5, 'unit' => '1', 'source' => 'practice'];

    /** The same as a share of what a tender leaf bears well. */
    public const YOUNG_SHARE = ['value' => 0.5, 'unit' => '1', 'source' => 'practice'];

    /** Share of what stops on an ordinary leaf from which soap stops on a kind that it marks. */
    public const SENSITIVE_SHARE = ['value' => 0.5, 'unit' => '1', 'source' => 'practice'];

    /** Percent of peroxide in a bottle above which it burns skin. */
    public const PEROXIDE_BURNS = ['value' => 8.0, 'unit' => '%', 'source' => 'practice'];

    /** From here on it is not for a kitchen. */
    public const PEROXIDE_STOP = ['value' => 30.0, 'unit' => '%', 'source' => 'practice'];

    /** Percent of pure alcohol in a spray from which it takes fire. */
    public const FLAMMABLE = ['value' => 10.0, 'unit' => '%', 'source' => 'practice'];

    /** Egg on what is eaten raw is no closer to picking than this. */
    public const EGG_RAW = ['value' => 14, 'unit' => 'd', 'source' => 'labels'];

    /** Cautions that stand in a first screen. */
    public const FIRST_CAUTIONS = ['value' => 3, 'unit' => '1', 'source' => 'house'];

    /** Days for which a stage that was said holds. */
    public const STAGE_HOLDS = ['value' => ['bare' => 90, 'budding' => 21, 'in-leaf' => 180, 'in-bloom' => 14, 'seedling' => 42], 'unit' => 'd', 'source' => 'house'];

    /** How long what was said of a plant holds: thirst, in days. It is watered that day, and sprayed the day after. */
    public const THIRST_HOLDS = ['value' => 1, 'unit' => 'd', 'source' => 'house'];

    /** A plant is freshly moved for so long. */
    public const MOVED_HOLDS = ['value' => 7, 'unit' => 'd', 'source' => 'practice'];

    /** Water that was too hot when it went in is no longer so after so long in the bottle. */
    public const WATER_COOLS = ['value' => 1.0, 'unit' => 'h', 'source' => 'house'];

    /** Shares of a strength that spoons can halve or part, largest first. */
    public const SHARES = ['value' => [0.75, 0.5, 0.33, 0.25, 0.125], 'unit' => '1', 'source' => 'house'];
}
