<?php

declare(strict_types=1);

namespace IdleMixer\Core\Data;

/** Numbers that bound a batch, each with its source. */
final class BatchLines
{
    /** Nobody ticks off more fills of a sprayer in one go. */
    public const MOST_LOADS = ['value' => 100, 'unit' => '1', 'source' => 'house'];

    /** Stand tests that are looked at to learn how the household mixes. */
    public const LATEST_GLASSES = ['value' => 30, 'unit' => '1', 'source' => 'house'];

    /** A jar with less than this in it is empty: a teaspoon sticks to the glass. */
    public const JAR_EMPTY = ['value' => 5.0, 'unit' => 'mL', 'source' => 'house'];

    /** Share by which more may be poured than the sums say is left. */
    public const JAR_SLACK = ['value' => 0.05, 'unit' => '1', 'source' => 'house'];
}
