<?php

declare(strict_types=1);

namespace IdleMixer\Core\Ask;

use IdleMixer\Core\Choice\RecordBook;
use IdleMixer\Core\Evidence\Clumping;
use IdleMixer\Core\Evidence\Record;
use IdleMixer\Core\Evidence\RoundEffect;
use IdleMixer\Core\Mix\SprayFamily;

/** Puts what a document tells together by pest and spray, best first within each pest. */
final class ToldRecords
{
    /**
     * @param list<ToldEffect> $told
     *
     * @return list<ToldRecord>
     */
    public static function of(array $told, RecordBook $book): array
    {
        $groups = [];
        foreach ($told as $one) {
            $groups[$one->about()][] = $one;
        }
        $pests = [];
        foreach ($groups as $about => $group) {
            $pests[$group[0]->case->pest][$about] = $group;
        }
        $all = [];
        foreach ($pests as $pest => $sprays) {
            $effects = array_map(static fn(array $group): array => array_map(static fn(ToldEffect $one): RoundEffect => $one->effect(), $group), $sprays);
            $families = array_map(static fn(array $group): ?SprayFamily => $group[0]->rounds()[0]->family, $sprays);
            foreach ($book->ranked($pest, $effects, $families, Clumping::usual()) as $about => $record) {
                $all[] = self::record($sprays[$about], $record);
            }
        }

        return $all;
    }

    /** @param non-empty-list<ToldEffect> $group */
    private static function record(array $group, Record $record): ToldRecord
    {
        $rounds = $group[0]->rounds();

        return new ToldRecord(
            $group[0]->case->pest,
            array_values(array_unique(array_map(static fn(ToldRound $round): string => $round->recipe, $rounds))),
            $rounds[0]->factor,
            array_values(array_filter($group, static fn(ToldEffect $one): bool => count($one->rounds()) > 1)),
            $record,
        );
    }
}
