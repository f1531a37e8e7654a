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

    /** Percent down, in the middle of its rounds, from which a spray that is to be tuned nearly does it. */
    public const NEARLY = ['value' => 60.0, 'unit' => '%', 'source' => 'house'];

    /** Fewer than this many to begin with, and chance decides. */
    public const FEWEST_BEFORE = ['value' => 10.0, 'unit' => '1', 'source' => 'practice'];

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

    /** Added to each count, so that none at all has a logarithm (Anscombe 1948, from memory). */
    public const HALF = ['value' => 0.5, 'unit' => '1', 'source' => 'house'];

    /** The k of a negative binomial for what sits on one leaf: small is clumped. Between 0.5 and 3 in most counts of insects, from memory. */
    public const CLUMPED = ['value' => 1.0, 'unit' => '1', 'source' => 'house'];

    /** Leaves that what is usual counts for, beside the leaves on which a garden's own counts show how clumped a pest sits. */
    public const USUAL_LEAVES = ['value' => 3.0, 'unit' => '1', 'source' => 'house'];

    /** Above this k nobody could tell clumps from chance. */
    public const HARDLY_CLUMPED = ['value' => 50.0, 'unit' => '1', 'source' => 'house'];

    /** Leaves that a total is taken to be of where nobody wrote down what was on each. */
    public const LEAVES_OF_A_TOTAL = ['value' => 10, 'unit' => '1', 'source' => 'house'];

    /** A pest that grew more than this many fold (as natural logarithm) is said to have grown this much. */
    public const MOST_GROWTH = ['value' => 4.0, 'unit' => '1', 'source' => 'house'];

    /** How alike the rounds of one case are: the correlation within a case. */
    public const ALIKE_IN_CASE = ['value' => 0.2, 'unit' => '1', 'source' => 'house'];

    /** Between cases the natural logarithm of what a spray leaves scatters by so much, where only one case is known. */
    public const BETWEEN_CASES = ['value' => 0.8, 'unit' => '1', 'source' => 'house'];

    /**
     * By how much the rounds of one spray are thought to differ, as a deviation of the natural logarithm of what is left, and how likely
     * each is beforehand. Weather, leaves and hands differ too much for under 0.3; over 1.25, nobody would call it one spray.
     */
    public const ROUNDS_DIFFER = ['value' => [[0.3, 0.14], [0.4, 0.16], [0.5, 0.17], [0.65, 0.17], [0.8, 0.15], [1.0, 0.12], [1.25, 0.09]], 'unit' => '1', 'source' => 'house'];

    /** How much of that may lie between cases: shares of the variance, as likely one as the other. */
    public const OF_THAT_CASES = ['value' => [0.2, 0.5, 0.8], 'unit' => '1', 'source' => 'house'];

    /** Percent down, shrunk, from which a spray is kept. */
    public const KEEP_SHRUNK = ['value' => 70.0, 'unit' => '%', 'source' => 'house'];

    /** Percent down, shrunk, under which a spray that does not help is dropped. */
    public const DROP_SHRUNK = ['value' => 50.0, 'unit' => '%', 'source' => 'house'];

    /** Cases that the family of a spray speaks for. */
    public const FAMILY_CASES = ['value' => 1.0, 'unit' => '1', 'source' => 'house'];

    /** Cases that what is known of a family speaks for. */
    public const KNOWN_CASES = ['value' => 2.0, 'unit' => '1', 'source' => 'house'];

    /** Percent down by a spray of which nothing is known. */
    public const UNKNOWN_DOWN = ['value' => 65.0, 'unit' => '%', 'source' => 'house'];

    /** Percent down by what kills, as sure as 1 to 3. */
    public const KILLS_DOWN = ['value' => [1 => 65.0, 2 => 75.0, 3 => 85.0], 'unit' => '%', 'source' => 'house'];

    /** Percent down by what holds back, as sure as 1 to 3. */
    public const CHECKS_DOWN = ['value' => [1 => 40.0, 2 => 55.0, 3 => 65.0], 'unit' => '%', 'source' => 'house'];

    /** Percent down by what does nothing that is known. */
    public const NOTHING_DOWN = ['value' => 10.0, 'unit' => '%', 'source' => 'house'];

    /** Share of the rounds that burnt leaves from which a spray is not kept as it is. */
    public const BURNT_TOO_OFTEN = ['value' => 0.25, 'unit' => '1', 'source' => 'house'];

    /** What a spray that burns each time loses in the order, in natural logarithms of what is left: it must leave five times fewer. */
    public const BURN_COSTS = ['value' => 1.6, 'unit' => '1', 'source' => 'house'];

    /** Rounds without burn that are added to those that were sprayed before a share is taken. */
    public const BURN_DOUBT = ['value' => 1.0, 'unit' => '1', 'source' => 'house'];

    /** Judged rounds on each side of a fact from which it is said what went with it. */
    public const ASSOCIATED_FROM = ['value' => 4, 'unit' => '1', 'source' => 'house'];

    /** Water from this hardness on is hard (USGS classes), where it is asked whether hardness went with failure. */
    public const HARD_WATER = ['value' => 120.0, 'unit' => 'mg/L', 'source' => 'usgs-hardness'];

    /** °C from which a round is a warm one. */
    public const WARM = ['value' => 24.0, 'unit' => 'Cel', 'source' => 'house'];

    /** Hours of the day between which it is neither morning nor evening. */
    public const DAY_FROM = ['value' => 10, 'unit' => 'h', 'source' => 'house'];

    /** Until then. */
    public const DAY_UNTIL = ['value' => 17, 'unit' => 'h', 'source' => 'house'];

    /** Litres a plant from which it was wetted well. */
    public const WELL_WETTED = ['value' => 0.5, 'unit' => 'L', 'source' => 'house'];

    /** Share that may be left of a pest after a week by itself, up to which a plant left alone is worth having. */
    public const WORTH_COMPARING = ['value' => 0.6, 'unit' => '1', 'source' => 'house'];

    /** After the spraying, of the looks of a trial. */
    public const TRIAL_DAYS = ['value' => [3, 7, 14], 'unit' => 'd', 'source' => 'house'];

    /** Between the sides of a trial, at most, to have had the same weather. */
    public const PAIRED_WITHIN = ['value' => 24, 'unit' => 'h', 'source' => 'house'];

    /** Looks that one case holds. */
    public const MOST_LOOKS = ['value' => 5_000, 'unit' => '1', 'source' => 'house'];

    /** Leaves or plants of a trial, of both sprays together. */
    public const FEWEST_UNITS = ['value' => 6, 'unit' => '1', 'source' => 'house'];

    /** Looks after spraying at which a trial may be stopped early. */
    public const TRIAL_LOOKS = ['value' => 3, 'unit' => '1', 'source' => 'house'];

    /** Share of error that each of three looks may spend, so that all together spend 1 in 20. */
    public const TRIAL_ALPHA = ['value' => 0.0221, 'unit' => '1', 'source' => 'pocock-1977'];

    /** The smallest difference worth a trial: one leaves so many times as much as the other. */
    public const WORTH_A_TRIAL = ['value' => 3.0, 'unit' => '1', 'source' => 'house'];

    /** Share of trials that must tell the two apart for a size to be large enough. */
    public const TRIAL_POWER = ['value' => 0.8, 'unit' => '1', 'source' => 'house'];

    /** Trials that are simulated for each size. */
    public const TRIALS_SIMULATED = ['value' => 150, 'unit' => '1', 'source' => 'house'];

    /** Sizes that are tried: leaves or plants of both sprays together. */
    public const TRIAL_SIZES = ['value' => [8, 12, 16, 20, 30, 40, 60], 'unit' => '1', 'source' => 'house'];

    /** What sits on a leaf before a trial, and how clumped leaf by leaf it changes, where nobody knows better. */
    public const PER_LEAF = ['value' => 6.0, 'unit' => '1', 'source' => 'house'];

    /** The k of a negative binomial for what changes on one leaf from look to look. */
    public const STEADY = ['value' => 4.0, 'unit' => '1', 'source' => 'house'];

    /** Days of weather that the story of a case tells. */
    public const STORY_DAYS = ['value' => 200, 'unit' => 'd', 'source' => 'house'];

    /** Rain of a day from which the story tells it. */
    public const STORY_RAIN = ['value' => 5.0, 'unit' => 'mm', 'source' => 'house'];

    /** Photographs of leaves that a story shows. */
    public const STORY_PICTURES = ['value' => 40, 'unit' => '1', 'source' => 'house'];

    /** Percent of oil above which a spray with soda in it works as an oil. */
    public const OIL_LEADS = ['value' => 2.0, 'unit' => '%', 'source' => 'house'];

    /**
     * What a class stands for in a sum: the middle of its bounds on the scale of logarithms (5^½, 120^½, 2100^½), since clumped
     * counts lie that way; half as many again as its lower bound where there is no upper one.
     */
    public const CLASS_MIDDLES = ['value' => ['1-5' => 2.24, '6-20' => 11.0, '21-100' => 45.8, '100+' => 150.0], 'unit' => '1', 'source' => 'house'];

    /** Share that may be left after a week of a trouble that nobody counts. */
    public const ANY_LEAST = ['value' => 0.1, 'unit' => '1', 'source' => 'house'];

    /** And that it may have grown to. */
    public const ANY_MOST = ['value' => 10.0, 'unit' => '1', 'source' => 'house'];

    /** Percent that a round must have taken of what would be left by itself at the least, to be thanked for it without a comparison. */
    public const CLEAR_FROM = ['value' => 60.0, 'unit' => '%', 'source' => 'house'];

    /** Points of percent that an interval may be wide for its effect to be fairly sure. */
    public const HARDLY_SURE = ['value' => 60.0, 'unit' => '%', 'source' => 'house'];

    /** And to be sure. */
    public const SURE = ['value' => 25.0, 'unit' => '%', 'source' => 'house'];

    /** Percent more than were there before: beyond it a figure tells nobody anything. */
    public const TOLD_MORE = ['value' => 100.0, 'unit' => '%', 'source' => 'house'];
}
