<?php

declare(strict_types=1);

namespace IdleMixer\Core\Data;

/** Numbers that decide when something is due, each with its source. */
final class ScheduleLines
{
    /** When the plants that stood next to it are looked at, after a case was opened. */
    public const NEIGHBOURS_AFTER = ['value' => 72, 'unit' => 'h', 'source' => 'house'];

    /** Before a harvest, from when on a plant counts as soon eaten. */
    public const SOON = ['value' => 14, 'unit' => 'd', 'source' => 'house'];

    /** What is said to be for this week. */
    public const WEEK = ['value' => 7, 'unit' => 'd', 'source' => 'house'];

    /** How far ahead tasks are shown. */
    public const HORIZON = ['value' => 14, 'unit' => 'd', 'source' => 'house'];

    /** From here on a stretch of time is told in days. */
    public const SAID_IN_DAYS = ['value' => 72.0, 'unit' => 'h', 'source' => 'house'];

    /** Oil and sulfur stay this far apart. */
    public const SULFUR_LATELY = ['value' => 28, 'unit' => 'd', 'source' => 'extension-oil'];

    /** Soap, soda and peroxide stay this far from copper. */
    public const COPPER_LATELY = ['value' => 14, 'unit' => 'd', 'source' => 'practice'];

    /** What an oil adds up with. */
    public const OIL_LATELY = ['value' => 7, 'unit' => 'd', 'source' => 'practice'];

    /** Newcomers and neighbours are kept apart, and looked at, for so long. */
    public const QUARANTINE = ['value' => 28, 'unit' => 'd', 'source' => 'practice'];

    /** And looked at this often. */
    public const QUARANTINE_LOOK = ['value' => 7, 'unit' => 'd', 'source' => 'practice'];
}
