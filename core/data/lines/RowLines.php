<?php

declare(strict_types=1);

namespace IdleMixer\Core\Data;

/** How much time a row shows, each with its source. */
final class RowLines
{
    /** Before now: four weeks hold a course of the usual three rounds. */
    public const BACK = ['value' => 28, 'unit' => 'd', 'source' => 'house'];

    /** After now: as far as the weather is told. */
    public const AHEAD = ['value' => 7, 'unit' => 'd', 'source' => 'house'];

    /** A whole course is shown as far ahead at most. */
    public const MOST_AHEAD = ['value' => 60, 'unit' => 'd', 'source' => 'house'];

    /** Counts that its sentence names; of more, the first and the last ones. */
    public const TOLD = ['value' => 4, 'unit' => '1', 'source' => 'house'];
}
