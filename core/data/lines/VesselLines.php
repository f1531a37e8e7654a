<?php

declare(strict_types=1);

namespace IdleMixer\Core\Data;

/** Numbers that decide how a sprayer is filled and when what was made counts as planned, each with its source. */
final class VesselLines
{
    /** A last load below this share of the sprayer is a bother to mix and measure. */
    public const LEAST_LOAD = ['value' => 0.25, 'unit' => '1', 'source' => 'house'];

    /** Sizes from one mark to the next that people read, in the unit spoken of. */
    public const MARK_STEPS = ['value' => [0.05, 0.1, 0.125, 0.25, 0.5, 1.0, 2.0, 5.0, 10.0, 25.0, 50.0, 100.0, 250.0, 500.0, 1000.0, 2500.0, 5000.0], 'unit' => '1', 'source' => 'house'];

    /** More marks on a sprayer are hard to read. */
    public const MOST_MARKS = ['value' => 12, 'unit' => '1', 'source' => 'house'];

    /** How a strength is spoken of against the planned one, each up to so many times of it. */
    public const STRENGTH_WORDS = ['value' => ['nothing' => 0.12, 'quarter' => 0.29, 'third' => 0.42, 'half' => 0.6, 'two-thirds' => 0.75, 'weaker' => 0.95, 'same' => 1.05, 'stronger' => 1.34, 'more' => 1.75, 'twice' => 2.25], 'unit' => '1', 'source' => 'house'];

    /** Share of the planned strength down to which a spray counts as made. */
    public const MADE_FROM = ['value' => 0.75, 'unit' => '1', 'source' => 'house'];

    /** And up to which, where the limits allow it. */
    public const MADE_TO = ['value' => 1.34, 'unit' => '1', 'source' => 'house'];

    /** Share to which a mark on a sprayer is read; the open documents fix it. */
    public const MARK_READ_TO = ['value' => 0.01, 'unit' => '1', 'source' => 'house'];

    /** Share of the sprayer below which a last load is shared out among the others; the open documents fix it. */
    public const LEAST_REMAINDER = ['value' => 0.1, 'unit' => '1', 'source' => 'house'];

    /** Share by which a fill may be off and its half still be where the half mark is. */
    public const FULL_WITHIN = ['value' => 0.05, 'unit' => '1', 'source' => 'house'];

    /** A vessel smaller than this is mostly a jar to dip swabs into. */
    public const JAR_UP_TO = ['value' => 300.0, 'unit' => 'mL', 'source' => 'practice'];

    /** A smaller one is mostly a trigger bottle. */
    public const BOTTLE_UP_TO = ['value' => 1600.0, 'unit' => 'mL', 'source' => 'practice'];

    /** A smaller one is mostly a pump can, and a larger one is carried on the back. */
    public const CAN_UP_TO = ['value' => 9000.0, 'unit' => 'mL', 'source' => 'practice'];

    /** What is made to dip swabs into. */
    public const SWABS = ['value' => 0.5, 'unit' => '[cup_us]', 'source' => 'house'];

    /** What is made where nobody owns a sprayer yet. */
    public const FIRST_FILL = ['value' => 1.0, 'unit' => '[qt_us]', 'source' => 'house'];

    /** Marks that a sprayer can be filled to when another volume is sought: so many to a full one. */
    public const FILLS = ['value' => 8, 'unit' => '1', 'source' => 'house'];

    /** Another volume is no more than so many times as much, or as little. */
    public const NEARBY = ['value' => 2.0, 'unit' => '1', 'source' => 'house'];

    /** Share of its limit that what is weakened is brought down to: the rounding of the arithmetic stays below it. */
    public const JUST_UNDER = ['value' => 0.999, 'unit' => '1', 'source' => 'house'];

    /** Of what holds oil, so much is halved rather than weakened to a figure. */
    public const HALF = ['value' => 0.5, 'unit' => '1', 'source' => 'house'];

    /** How often a weaker amount is reckoned anew: each time comes ten times closer at least. */
    public const TRIES = ['value' => 3, 'unit' => '1', 'source' => 'house'];
}
