<?php

declare(strict_types=1);

namespace IdleMixer\Core\Leaf;

use DateTimeImmutable;
use IdleMixer\Core\Data\LeafLines;

/** Burn that showed after a round: it counts against the proof as a marked leaf test would. */
final class Burn
{
    /** Whether so much of a leaf is a burn, and no mark that may be anything; percent. */
    public static function is(float $share): bool
    {
        return $share > LeafLines::SLIGHT['value'];
    }

    /** @param float $share hurt, percent of the leaves that were worst hit */
    public static function asTest(DateTimeImmutable $sprayedAt, DateTimeImmutable $seenAt, float $share): LeafTest
    {
        return new LeafTest($sprayedAt, 0, TestLeaves::of(1, [1.0], false), [new LeafLook($seenAt, [new SeenLeaf(1, $share, $share, $share)])]);
    }
}
