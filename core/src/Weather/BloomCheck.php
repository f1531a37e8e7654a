<?php

declare(strict_types=1);

namespace IdleMixer\Core\Weather;

/** Nothing is misted on open flowers, at no hour. */
final readonly class BloomCheck implements HourCheck
{
    public function reasons(Week $week, int $index, Spray $spray, Stand $stand): array
    {
        return $stand->inBloom && $spray->isMist() ? [new HourReason(HourFinding::Bloom, HourVerdict::No, [], 'practice')] : [];
    }
}
