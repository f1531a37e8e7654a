<?php

declare(strict_types=1);

namespace IdleMixer\Core\Data;

/** Lines of the made-up gardens in which one learns to keep rounds. */
final class TrainerLines
{
    /** Days of a season. */
    public const DAYS = ['value' => 56, 'unit' => 'd', 'source' => 'house'];

    /** The last day on which is sprayed: what lives through it has a fortnight to show. */
    public const SPRAYED_UNTIL = ['value' => 42, 'unit' => 'd', 'source' => 'house'];

    /** How many are counted at first, fewest and most. */
    public const START = ['value' => [8, 30], 'unit' => '1', 'source' => 'house'];

    /** How warm it is, coolest and warmest. */
    public const CELSIUS = ['value' => [16, 22], 'unit' => 'Cel', 'source' => 'house'];

    /** How far a garden may be off what handbooks say: up to a third. */
    public const OFF = ['value' => 1.0 / 3.0, 'unit' => '1', 'source' => 'house'];

    /** Leaves that are looked at. */
    public const LEAVES = ['value' => 10, 'unit' => '1', 'source' => 'house'];

    /** A look that finds no more than this share of the most that was found is a quiet one. */
    public const QUIET = ['value' => 1.0 / 3.0, 'unit' => '1', 'source' => 'house'];

    /** A mistake is shown where the season without it leaves no more than this share. */
    public const BETTER = ['value' => 0.5, 'unit' => '1', 'source' => 'house'];

    /** What may be in a garden: what gardeners fight for weeks. */
    public const TROUBLES = ['value' => ['aphids', 'whitefly', 'spider-mites', 'thrips', 'mealybugs'], 'unit' => '1', 'source' => 'practice'];

    /** Share that dies of each stage, hosed off and sprayed with soap from below: what is well reached. Of eggs some half are washed off. */
    public const KILL = ['value' => ['egg' => 0.5, 'young' => 0.9, 'adult' => 0.9], 'unit' => '1', 'source' => 'practice'];

    /** Days between two rounds of the best at the least. */
    public const GAP = ['value' => 4, 'unit' => 'd', 'source' => 'house'];

    /** Rounds of a season at the most. */
    public const MOST_ROUNDS = ['value' => 9, 'unit' => '1', 'source' => 'house'];
}
