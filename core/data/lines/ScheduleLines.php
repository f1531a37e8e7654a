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

    /** How far ahead tasks are shown. */
    public const HORIZON = ['value' => 14, 'unit' => 'd', 'source' => 'house'];

    /** From here on a stretch of time is told in days. */
    public const SAID_IN_DAYS = ['value' => 72.0, 'unit' => 'h', 'source' => 'house'];
}
