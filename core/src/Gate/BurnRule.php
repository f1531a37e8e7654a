<?php

declare(strict_types=1);

namespace IdleMixer\Core\Gate;

use IdleMixer\Core\Data\GateLines;
use IdleMixer\Core\Mix\SprayFamily;
use IdleMixer\Core\Safety\Finding;
use IdleMixer\Core\Safety\Verdict;

/** What is to be minded after leaves burnt: sprays that work the same way, and for two weeks any spray. The very spray that burnt is stopped by what is proven. */
final readonly class BurnRule implements Rule
{
    public function verdicts(Question $question): array
    {
        $family = SprayFamily::of($question->spray->composition);
        $lately = $alike = null;
        foreach ($question->whom->had->rounds ?? [] as $round) {
            if (! $round->hasBurnt()) {
                continue;
            }
            $lately = $round->onItself && $round->burntAgo() <= GateLines::BURN_RESTS['value'] ? min($lately ?? \INF, $round->burntAgo()) : $lately;
            $alike = $family !== null && SprayFamily::of($round->composition) === $family ? min($alike ?? \INF, $round->burntAgo()) : $alike;
        }

        return array_values(array_filter([
            $alike === null ? null : Verdict::of(Finding::BurntFamily, ['days' => $alike]),
            $lately === null ? null : Verdict::of(Finding::BurntLately, ['days' => $lately, 'limit' => GateLines::BURN_RESTS['value']], GateLines::BURN_RESTS['source']),
        ]));
    }
}
