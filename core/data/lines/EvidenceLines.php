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

    /** Fewer than this many before, and chance decides. */
    public const FEWEST_BEFORE = ['value' => 5.0, 'unit' => '1', 'source' => 'house'];

    /** Fewer judged rounds than this say little. */
    public const FEW_ROUNDS = ['value' => 3, 'unit' => '1', 'source' => 'house'];

    /** Share by which the stronger of two sprays may be above the weaker for their rounds to be judged together. */
    public const ALIKE = ['value' => 0.1, 'unit' => '1', 'source' => 'house'];
}
