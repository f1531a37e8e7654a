<?php

declare(strict_types=1);

namespace IdleMixer\Core\Data;

/** Numbers that decide what is said of recipes, each with its source. */
final class RecipeLines
{
    /** From this many times as strong two recipes must not be taken for each other. */
    public const NOT_ALIKE_FROM = ['value' => 1.5, 'unit' => '1', 'source' => 'house'];

    /** Under this many times no figure on the screen tells two strengths apart. */
    public const SAME_TO = ['value' => 1.005, 'unit' => '1', 'source' => 'house'];
}
