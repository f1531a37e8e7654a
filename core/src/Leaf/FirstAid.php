<?php

declare(strict_types=1);

namespace IdleMixer\Core\Leaf;

use DateTimeImmutable;
use IdleMixer\Core\Data\GateLines;
use IdleMixer\Core\Data\LeafLines;
use IdleMixer\Core\Words\Say;

/** What is done when leaves look burnt, in order. Common practice, no source. */
final class FirstAid
{
    /**
     * @param DateTimeImmutable|null $sprayed when it was sprayed last; null where nobody knows
     *
     * @return list<string> sentences
     */
    public static function steps(?DateTimeImmutable $sprayed, DateTimeImmutable $now): array
    {
        $fresh = $sprayed !== null && $sprayed > $now->modify('-' . LeafLines::FIRST_LOOK['value'] . ' hours');

        return [
            ...$fresh ? [Say::it('leaf/first-aid.rinse')] : [],
            Say::it('leaf/first-aid.shade'),
            Say::it('leaf/first-aid.photograph'),
            Say::it('leaf/first-aid.nothing-else', ['days' => GateLines::BURN_RESTS['value']]),
            Say::it('leaf/first-aid.do-not-cut'),
            Say::it('leaf/first-aid.look-again'),
        ];
    }

    /** Whether a round may have done it: burn shows within three days. */
    public static function mayBe(DateTimeImmutable $sprayed, DateTimeImmutable $now): bool
    {
        return $sprayed <= $now && $sprayed >= $now->modify('-' . (LeafLines::ROUND_SHOWS['value'] + 1) . ' days');
    }
}
