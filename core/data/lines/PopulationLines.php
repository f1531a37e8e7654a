<?php

declare(strict_types=1);

namespace IdleMixer\Core\Data;

/** Lines of what is seen ahead of a pest that multiplies. */
final class PopulationLines
{
    /** Steps that a stage passes in, by stage: the more, the less animals of one age scatter. So, most are grown within a fifth of the middle. */
    public const STEPS = ['value' => ['egg' => 8, 'young' => 10, 'resting' => 6, 'adult' => 6], 'unit' => '1', 'source' => 'house'];

    /** Hardly anything is known of how many there were. As a deviation of the natural logarithm, like the next four. */
    public const START_OFF = ['value' => 5.0, 'unit' => '1', 'source' => 'house'];

    /** How far a pest may develop faster or slower than handbooks have it: kinds, leaves and the warmth of the leaf differ. */
    public const SPEED_OFF = ['value' => 0.15, 'unit' => '1', 'source' => 'house'];

    /** How far it may lay more or fewer, and how far more or fewer of them live. */
    public const BIRTHS_OFF = ['value' => 0.4, 'unit' => '1', 'source' => 'house'];

    /** How far rounds may work better or worse than is known of their spray. */
    public const KILL_OFF = ['value' => 0.4, 'unit' => '1', 'source' => 'house'];

    /** How far the model misses by itself: ages that are not together as they were thought to be, weather of a leaf, what flew in. */
    public const MODEL_MISSES = ['value' => 0.15, 'unit' => '1', 'source' => 'house'];

    /** The band holds four of five later counts: so many deviations to each side of a normal distribution. */
    public const BAND = ['value' => 1.2816, 'unit' => '1', 'source' => 'normal-table'];

    /** Counts from which on the next one can be another than was to be expected. */
    public const EXPECTED_FROM = ['value' => 2, 'unit' => '1', 'source' => 'house'];

    /** Under this many of all stages, eggs among them, it is over. */
    public const OVER = ['value' => 1.0, 'unit' => '1', 'source' => 'house'];

    /** Days back from which counts steer what is seen ahead: what was counted before is of another leaf and season. */
    public const LOOKED_BACK = ['value' => 42, 'unit' => 'd', 'source' => 'house'];

    /** Days that are seen ahead of a case. */
    public const AHEAD = ['value' => 42, 'unit' => 'd', 'source' => 'house'];

    /** Days within which the fewest rounds are to end it: what comes after is seen, too. */
    public const SEARCHED = ['value' => 35, 'unit' => 'd', 'source' => 'house'];

    /** Rounds that are searched for where its school has no limit. */
    public const MOST_ROUNDS = ['value' => 8, 'unit' => '1', 'source' => 'house'];

    /** More than this many nobody counts, and no figure is said. */
    public const CROWD = ['value' => 2_000.0, 'unit' => '1', 'source' => 'house'];

    /** Days that are told where nobody says how many. */
    public const USUAL_DAYS = ['value' => 60, 'unit' => 'd', 'source' => 'house'];

    /** Counts, and rounds, of one outbreak. */
    public const MOST_COUNTS = ['value' => 200, 'unit' => '1', 'source' => 'house'];

    /** Rounds that are searched for at the most. */
    public const MOST_SEARCHED = ['value' => 20, 'unit' => '1', 'source' => 'house'];

    /** Nobody sees further ahead than this. */
    public const FURTHEST = ['value' => 120, 'unit' => 'd', 'source' => 'house'];

    /** How much of what is there a spray reaches. */
    public const REACHED = ['value' => 80.0, 'unit' => '%', 'source' => 'practice'];

    /** However badly it went, some is reached. */
    public const REACHED_LEAST = ['value' => 20.0, 'unit' => '%', 'source' => 'house'];

    /** And never more than all. */
    public const REACHED_MOST = ['value' => 100.0, 'unit' => '%', 'source' => 'house'];

    /** Usual rounds that are added to a household's own before a share is taken. */
    public const REACH_DOUBT = ['value' => 3.0, 'unit' => '1', 'source' => 'house'];

    /** A household's latest rounds that say how much it reaches: hands learn. */
    public const REACH_ROUNDS = ['value' => 30, 'unit' => '1', 'source' => 'house'];

    /** A spray that kills less than this of any stage is there for something else, and says nothing of what was reached; share of 1. */
    public const SAYS_REACH = ['value' => 0.6, 'unit' => '1', 'source' => 'house'];

    /** Share of 1 that a round kills at most: some always sit where nothing comes. */
    public const KILLED_MOST = ['value' => 0.98, 'unit' => '1', 'source' => 'house'];
}
