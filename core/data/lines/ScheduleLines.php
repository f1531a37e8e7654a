<?php

declare(strict_types=1);

namespace IdleMixer\Core\Data;

/** Numbers that decide when something is due, each with its source. */
final class ScheduleLines
{
    /** When the plants that stood next to it are looked at, after a case was opened. */
    public const NEIGHBOURS_AFTER = ['value' => 72, 'unit' => 'h', 'source' => 'house'];

    /** Hour of the day from which on it is sprayed where nobody told the weather: out of the sun. */
    public const SPRAYED_IN_THE_EVENING = ['value' => 18, 'unit' => 'h', 'source' => 'practice'];

    /** Hour of the day at which a look is put. */
    public const LOOKED_IN_THE_MORNING = ['value' => 8, 'unit' => 'h', 'source' => 'house'];

    /** Before a harvest, from when on a plant counts as soon eaten. */
    public const SOON = ['value' => 14, 'unit' => 'd', 'source' => 'house'];

    /** Times that one says one is away. */
    public const MOST_AWAY = ['value' => 50, 'unit' => '1', 'source' => 'house'];

    /** What is said to be for this week. */
    public const WEEK = ['value' => 7, 'unit' => 'd', 'source' => 'house'];

    /** How far ahead tasks are shown. */
    public const HORIZON = ['value' => 14, 'unit' => 'd', 'source' => 'house'];

    /** From here on a stretch of time is told in days. */
    public const SAID_IN_DAYS = ['value' => 72.0, 'unit' => 'h', 'source' => 'house'];

    /** What an oil adds up with. */
    public const OIL_LATELY = ['value' => 7, 'unit' => 'd', 'source' => 'practice'];

    /** Newcomers and neighbours are kept apart, and looked at, for so long. */
    public const QUARANTINE = ['value' => 28, 'unit' => 'd', 'source' => 'practice'];

    /** And looked at this often. */
    public const QUARANTINE_LOOK = ['value' => 7, 'unit' => 'd', 'source' => 'practice'];

    /** Rounds of a programme where practice names no number: one treatment never finishes it. */
    public const ROUNDS = ['value' => 3, 'unit' => '1', 'source' => 'practice'];

    /** Times a rotation is gone through where no eggs say when it ends. */
    public const CYCLES = ['value' => 2, 'unit' => '1', 'source' => 'practice'];

    /** Rounds of one programme; after so many another spray is due. */
    public const MOST_ROUNDS = ['value' => 60, 'unit' => '1', 'source' => 'house'];

    /** As prevention it is planned so far ahead. */
    public const PREVENTION_AHEAD = ['value' => 91, 'unit' => 'd', 'source' => 'house'];

    /** Refined oil above it counts as strong. */
    public const STRONG_OIL = ['value' => 1.5, 'unit' => '%', 'source' => 'house'];

    /** Strong refined oil is not repeated before. */
    public const STRONG_OIL_AGAIN = ['value' => 28, 'unit' => 'd', 'source' => 'practice'];

    /** Refined oil is not repeated before. */
    public const OIL_AGAIN = ['value' => 7, 'unit' => 'd', 'source' => 'practice'];

    /** Refined oil below it is none that counts. */
    public const OIL_COUNTS = ['value' => 0.5, 'unit' => '%', 'source' => 'house'];

    /** From the last round to the second clean look. */
    public const TAPER = ['value' => 10, 'unit' => 'd', 'source' => 'practice'];

    /** Clean looks that end it. */
    public const CLEAN_LOOKS = ['value' => 2, 'unit' => '1', 'source' => 'practice'];

    /** Between two clean looks that end it. */
    public const CLEAN_LOOKS_APART = ['value' => 7, 'unit' => 'd', 'source' => 'practice'];

    /** Looks after that. */
    public const MONTHLY = ['value' => 30, 'unit' => 'd', 'source' => 'practice'];

    /** From a winter oil to the look in the season after. */
    public const SEASON_AFTER = ['value' => 240, 'unit' => 'd', 'source' => 'house'];

    /** Warmer does not hasten anything. */
    public const WARMEST = ['value' => 34.0, 'unit' => 'Cel', 'source' => 'house'];

    /** Of a day, below which a round is not put off by one more. */
    public const TENTH = ['value' => 0.1, 'unit' => 'd', 'source' => 'house'];

    /** Times as many days between rounds in the cold at most. */
    public const MOST_SLOWED = ['value' => 2.0, 'unit' => '1', 'source' => 'house'];

    /** Where nobody says how warm it is. */
    public const USUAL_CELSIUS = ['value' => 20.0, 'unit' => 'Cel', 'source' => 'house'];

    /** Sprays in one rotation. */
    public const MOST_IN_TURN = ['value' => 6, 'unit' => '1', 'source' => 'house'];

    /** Days between rounds as prevention, from what was seen to nothing found again and again. */
    public const PREVENTION_STEPS = ['value' => [7, 10, 14, 28], 'unit' => 'd', 'source' => 'practice'];

    /** Weekly looks that stand for a prevention that there is none of. */
    public const WEEKLY_LOOKS = ['value' => 4, 'unit' => '1', 'source' => 'house'];

    /** Between two rounds: more is no programme. */
    public const LONGEST_PACE = ['value' => 366, 'unit' => 'd', 'source' => 'house'];

    /** What is done once is not done again before. */
    public const ONCE_A_YEAR = ['value' => 365, 'unit' => 'd', 'source' => 'practice'];

    /** A calendar rings so long before what is due. */
    public const RINGS_BEFORE = ['value' => 30, 'unit' => 'min', 'source' => 'house'];

    /** Whether rain washed off a round that is longer ago does not matter any more: the next one was due anyway. */
    public const WASHED_LATELY = ['value' => 21, 'unit' => 'd', 'source' => 'house'];

    /** When burnt leaves are looked at first, after they were seen. */
    public const FIRST_BURN_LOOK = ['value' => 3, 'unit' => 'd', 'source' => 'practice'];

    /** And once more. */
    public const SECOND_BURN_LOOK = ['value' => 7, 'unit' => 'd', 'source' => 'practice'];

    /** A judged round that took less than this share of what was there is a poor one; percent. */
    public const POOR = ['value' => 50.0, 'unit' => '%', 'source' => 'practice'];

    /** So many poor ones in a row change tack. */
    public const POOR_ROUNDS = ['value' => 2, 'unit' => '1', 'source' => 'practice'];

    /** For so long ahead is shopped. */
    public const SHOPPED_AHEAD = ['value' => 28, 'unit' => 'd', 'source' => 'house'];
}
