<?php

declare(strict_types=1);

namespace App\Records;

use Illuminate\Support\Facades\DB;

/** Rounds that the rules of a newer version judge otherwise than those before: what each was taken for, and what it is now. */
final class Rejudged
{
    /** Differences that nobody would see, in percent: ours. */
    private const SAME = 0.05;

    /** @return array<int, array{outcome: string, percent: float|null}> by the number of the round */
    public static function judgements(): array
    {
        $all = [];
        foreach (DB::table('weighed_rounds')->whereNotNull('round_id')->get(['round_id', 'outcome', 'reduction']) as $row) {
            if (is_int($row->round_id) && is_string($row->outcome)) {
                $all[$row->round_id] = ['outcome' => $row->outcome, 'percent' => is_numeric($row->reduction) ? (float) $row->reduction : null];
            }
        }

        return $all;
    }

    /**
     * @param array<int, array{outcome: string, percent: float|null}> $before
     * @param array<int, array{outcome: string, percent: float|null}> $after
     *
     * @return list<array{round: int, was: array{outcome: string, percent: float|null}, now: array{outcome: string, percent: float|null}}>
     */
    public static function between(array $before, array $after): array
    {
        $changed = [];
        foreach (array_intersect_key($before, $after) as $round => $was) {
            $now = $after[$round];
            if ($was['outcome'] !== $now['outcome'] || ($was['percent'] === null) !== ($now['percent'] === null) || abs(($was['percent'] ?? 0.0) - ($now['percent'] ?? 0.0)) > self::SAME) {
                $changed[] = ['round' => $round, 'was' => $was, 'now' => $now];
            }
        }

        return $changed;
    }
}
