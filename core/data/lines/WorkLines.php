<?php

declare(strict_types=1);

namespace IdleMixer\Core\Data;

/** Numbers that decide how a load is mixed, each with its source. */
final class WorkLines
{
    /** What is called a cup of water to start an emulsion with. */
    public const CUP = ['value' => 250.0, 'unit' => 'mL', 'source' => 'house'];

    /** Share of the water that goes in before anything else. */
    public const FIRST_WATER = ['value' => 0.5, 'unit' => '1', 'source' => 'practice'];

    /** The splash that a thick emulsion is started with, by volume of oil and emulsifier. */
    public const SPLASH = ['value' => 2.0, 'unit' => '1', 'source' => 'practice'];

    /** Until it is shaken again: nobody stands and waits for a longer time, so no clock runs. */
    public const LONGEST_CLOCK = ['value' => 7200.0, 'unit' => 's', 'source' => 'house'];
}
