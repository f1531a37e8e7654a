<?php

declare(strict_types=1);

namespace IdleMixer\Core\Data;

/** Numbers that decide how an amount is measured out, each with its source. */
final class MeasureLines
{
    /** Share of the wanted amount that a plan may be off; the open documents fix it. */
    public const TOLERANCE = ['value' => 0.05, 'unit' => '1', 'source' => 'house'];

    /** Share that a plan may be off where staying closer takes too many scoops; the open documents fix it. */
    public const WIDER_TOLERANCE = ['value' => 0.1, 'unit' => '1', 'source' => 'house'];

    /** A rounder answer than the spoons say may be off by this, and says so. */
    public const ROUNDER_OFF = ['value' => 0.12, 'unit' => '1', 'source' => 'house'];

    /** And is so many fills of one measure at most. */
    public const FEW_FILLS = ['value' => 3, 'unit' => '1', 'source' => 'house'];

    /** What holds as much as the smallest teaspoon is a whole spoon. */
    public const WHOLE_SPOON = ['value' => 4.9, 'unit' => 'mL', 'source' => 'practice'];

    /** Volumes nearby are looked for in steps of this share of the unit that is spoken of. */
    public const VOLUME_STEP = ['value' => 0.25, 'unit' => '1', 'source' => 'house'];

    /** And of this, where a line takes too many moves at all of those. */
    public const FINER_STEP = ['value' => 0.125, 'unit' => '1', 'source' => 'house'];

    /** Where mL are spoken of, four steps are so much. */
    public const MILLILITRES_APART = ['value' => 200.0, 'unit' => 'mL', 'source' => 'house'];

    /** So many of them are tried at most. */
    public const VOLUMES_TRIED = ['value' => 24, 'unit' => '1', 'source' => 'house'];

    /** A spoon that saves fewer moves than this is not worth naming. */
    public const WORTH_A_SPOON = ['value' => 3, 'unit' => '1', 'source' => 'house'];

    /** More scoops than this are lost count of; the open documents fix it. */
    public const MANY_SCOOPS = ['value' => 5, 'unit' => '1', 'source' => 'house'];

    /** More moves than this in one line, and another way to measure is looked for: it is thinned, or another volume is offered. */
    public const MOST_MOVES = ['value' => 8, 'unit' => '1', 'source' => 'house'];

    /** Where a line takes more, volumes are looked for down to this share of what was asked for. */
    public const FEWER_FROM = ['value' => 0.2, 'unit' => '1', 'source' => 'house'];

    /** Nearer than this nobody comes to what is less than a few drops. */
    public const HALF_A_DROP = ['value' => 0.025, 'unit' => 'mL', 'source' => 'practice'];

    /** Figures of a recipe that are measured as they stand are off by less than this. */
    public const EXACT = ['value' => 0.01, 'unit' => '%', 'source' => 'house'];

    /** What is off by more is not measured at all: no spoon at hand is near it. */
    public const NOT_AT_ALL = ['value' => 50.0, 'unit' => '%', 'source' => 'house'];

    /** Water near 20 °C. */
    public const WATER_DENSITY = ['value' => 0.9982, 'unit' => 'g/mL', 'source' => 'kell-1975'];

    /** More fills of one measure than this are no help. */
    public const MOST_FILLS = ['value' => 4, 'unit' => '1', 'source' => 'house'];

    /** What a spoon measures, if badly, is thinned only where that takes no more fills than this in all; what is less than the smallest spoon always is. */
    public const FILLS_TO_THIN = ['value' => 4, 'unit' => '1', 'source' => 'house'];

    /** Of baking soda, at 0 °C: what is warmer dissolves more. */
    public const DISSOLVES = ['value' => 0.069, 'unit' => 'g/mL', 'source' => 'crc-soda'];

    /** Of baking soda at 20 °C, where some stays undissolved; 82 g at 10 °C and 103 g at 25 °C. */
    public const SATURATED = ['value' => 0.096, 'unit' => 'g/mL', 'source' => 'crc-soda'];

    /** A weighing is a jar, a zero and a slow pour: as much work as this many spoonfuls. */
    public const WEIGHING = ['value' => 3, 'unit' => '1', 'source' => 'house'];

    /** More marks than these nobody reads with wet hands. */
    public const MOST_MARKS = ['value' => 200, 'unit' => '1', 'source' => 'house'];

    /** Additions to a tank are poured to this. */
    public const POUR_STEP = ['value' => 10.0, 'unit' => 'mL', 'source' => 'house'];

    /** And above a litre to this. */
    public const POUR_STEP_OVER_LITRE = ['value' => 50.0, 'unit' => 'mL', 'source' => 'house'];
}
