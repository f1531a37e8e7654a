<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

use IdleMixer\Core\Data\EvidenceLines;
use IdleMixer\Core\Mix\Composition;

/** Puts sprays together that are the same ingredients in much the same strengths: only those may be judged as one. */
final class AlikeSprays
{
    /**
     * Strongest first; each joins the first group whose strongest is alike, so that no group is wider than the line allows
     * and the order of the records does not matter.
     *
     * @param array<int, Composition> $sprays by any key
     *
     * @return list<non-empty-list<int>> keys of each group
     */
    public static function groups(array $sprays): array
    {
        $keys = array_keys($sprays);
        usort($keys, static fn(int $a, int $b): int => [$sprays[$b]->total(), $a] <=> [$sprays[$a]->total(), $b]);
        $groups = [];
        foreach ($keys as $key) {
            $joins = count($groups);
            foreach ($groups as $i => $group) {
                if ($sprays[$group[0]]->isAlike($sprays[$key], EvidenceLines::ALIKE['value'])) {
                    $joins = $i;
                    break;
                }
            }
            $groups[$joins] = [...$groups[$joins] ?? [], $key];
        }

        return array_values($groups);
    }
}
