<?php

declare(strict_types=1);

namespace IdleMixer\Core\Data;

/** Weights that decide which spray is proposed first, each with its source. */
final class ChoiceLines
{
    /** The weak dose of a recipe. */
    public const HALF = ['value' => 0.5, 'unit' => '1', 'source' => 'practice'];

    /** Weight of one step of effect. */
    public const POINT_OF_EFFECT = ['value' => 10.0, 'unit' => '1', 'source' => 'house'];

    /** Weight of one step of work. */
    public const STEP_OF_WORK = ['value' => 2.0, 'unit' => '1', 'source' => 'house'];

    /** Weight of a day until it shows whether it worked. */
    public const DAY_OF_WAITING = ['value' => 1.0, 'unit' => '1/d', 'source' => 'house'];

    /** Weight of a nuisance, as smell or residue. */
    public const NUISANCE = ['value' => 4.0, 'unit' => '1', 'source' => 'house'];

    /** Weight of practice using the spray on this pest. */
    public const PRACTISED = ['value' => 8.0, 'unit' => '1', 'source' => 'house'];

    /** Weight of a recipe that may be used weakened only. */
    public const TOO_STRONG_AS_WRITTEN = ['value' => 12.0, 'unit' => '1', 'source' => 'house'];

    /** Weight of an ingredient that is not in the house. */
    public const MISSING_INGREDIENT = ['value' => 25.0, 'unit' => '1', 'source' => 'house'];

    /** How much killing counts beside how sure it is. */
    public const KILLS = ['value' => 3, 'unit' => '1', 'source' => 'house'];

    /** How much holding off counts beside how sure it is. */
    public const HOLDS_OFF = ['value' => 2, 'unit' => '1', 'source' => 'house'];

    /** From this step on work is named as a drawback. */
    public const MUCH_WORK = ['value' => 3, 'unit' => '1', 'source' => 'house'];

    /** Over this, waiting for the fair look is named as a drawback. */
    public const LONG_WAIT = ['value' => 24.0, 'unit' => 'h', 'source' => 'house'];

    /** Weight of a spray that is made for this very pest first of all. */
    public const MADE_FOR = ['value' => 6.0, 'unit' => '1', 'source' => 'house'];

    /** Weight of a caution of the bench. */
    public const CAUTION = ['value' => 6.0, 'unit' => '1', 'source' => 'house'];

    /** Weight of being too weak to work. */
    public const WEAK = ['value' => 40.0, 'unit' => '1', 'source' => 'house'];

    /** Weight of a swab where there are few, and against it where there are many. */
    public const SWAB = ['value' => 12.0, 'unit' => '1', 'source' => 'house'];

    /** Weight of what the household itself found, from all failed to all worked. */
    public const OWN_RESULTS = ['value' => 40.0, 'unit' => '1', 'source' => 'house'];

    /** Rounds of one's own from which that weighs fully. */
    public const OWN_ROUNDS = ['value' => 3, 'unit' => '1', 'source' => 'house'];

    /** Share of rounds that worked at which one's own results say neither. */
    public const OWN_MIDDLE = ['value' => 0.5, 'unit' => '1', 'source' => 'house'];

    /** Share of its rounds that worked from which a spray of one's own is taken again before anything else. */
    public const OWN_GOOD = ['value' => 0.75, 'unit' => '1', 'source' => 'house'];

    /** Sprays that are proposed. */
    public const PROPOSED = ['value' => 3, 'unit' => '1', 'source' => 'house'];

    /** Days until somebody looks again where no other line says so. */
    public const LOOK_AGAIN = ['value' => 3, 'unit' => 'd', 'source' => 'practice'];

    /** The same where natural enemies are at work. */
    public const ENEMIES = ['value' => 3, 'unit' => 'd', 'source' => 'practice'];

    /** The same where there is much for them to do. */
    public const ENEMIES_HEAVY = ['value' => 2, 'unit' => 'd', 'source' => 'practice'];

    /** The same where bare wood is waited for. */
    public const WINTER = ['value' => 30, 'unit' => 'd', 'source' => 'house'];

    /** Days for which natural enemies that were seen are taken to be there still. */
    public const SEEN_HOLDS = ['value' => 7, 'unit' => 'd', 'source' => 'house'];

    /** Days from watering to a spray. */
    public const AFTER_WATER = ['value' => 1, 'unit' => 'd', 'source' => 'practice'];

    /** What is picked within so many days is picked, and not sprayed. */
    public const PICKED = ['value' => 3, 'unit' => 'd', 'source' => 'practice'];

    /** Reasons that are shown. */
    public const SHOWN = ['value' => 3, 'unit' => '1', 'source' => 'house'];
}
