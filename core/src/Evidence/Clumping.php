<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

use IdleMixer\Core\Data\EvidenceLines;

/**
 * How clumped a pest sits in this garden: the k of a negative binomial for what is on one leaf, small where most sit on a few.
 *
 * One over k is what the counts of leaves scatter more than by chance, over the square of their mean (the method of moments, Anscombe
 * 1949, from memory), over all looks together, each weighing as many as it has leaves less one. What is usual counts along as so many
 * leaves, so that a few looks do not decide.
 */
final readonly class Clumping
{
    private function __construct(public float $k) {}

    /** Where nobody counted leaf by leaf: as most insects sit. */
    public static function usual(): self
    {
        return new self(EvidenceLines::CLUMPED['value']);
    }

    /** @param list<LeafCounts> $looks of one pest in one garden */
    public static function shownBy(array $looks): self
    {
        $more = EvidenceLines::USUAL_LEAVES['value'] / EvidenceLines::CLUMPED['value'];
        $all = EvidenceLines::USUAL_LEAVES['value'];
        foreach ($looks as $look) {
            $mean = $look->mean();
            if ($look->spots() > 1 && $mean > 0.0) {
                // What sits on few leaves in all says little of clumps.
                $weight = ($look->spots() - 1) / max($mean, 1.0) ** 2;
                $more += $weight * ($look->variance() - $mean);
                $all += $weight * ($mean ** 2 - $look->variance() / $look->spots());
            }
        }

        return new self(1.0 / max(1.0 / EvidenceLines::HARDLY_CLUMPED['value'], $all > 0.0 ? $more / $all : 0.0));
    }
}
