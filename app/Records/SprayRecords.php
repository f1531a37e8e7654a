<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\LeafTest;
use App\Models\PestCase;
use App\Models\Round;
use DateTimeImmutable;
use IdleMixer\Core\Evidence\Ranking;
use IdleMixer\Core\Evidence\Record;

/** All rounds of all cases, gathered by recipe and pest. */
final class SprayRecords
{
    /** @return list<array{pest: string, slug: string, name: string, record: Record}> best first */
    public static function records(DateTimeImmutable $now): array
    {
        $gathered = [];
        $tests = self::leafTests($now);
        foreach (PestCase::query()->with(['rounds.batch.recipeVersion.recipe', 'counts'])->orderBy('id')->get() as $case) {
            $trials = FromNotebook::trials($case);
            foreach ($case->rounds as $round) {
                $version = $round->batch->recipeVersion;
                $key = "{$case->pest}/{$version->recipe->slug}";
                $gathered[$key] ??= ['pest' => $case->pest, 'slug' => $version->recipe->slug, 'name' => $version->name, 'trials' => [], 'hand' => 0];
                $gathered[$key]['trials'][] = $trials[$round->id];
                $gathered[$key]['hand'] += $round->hand_work ? 1 : 0;
            }
        }
        $records = array_map(static fn(array $row): Record => new Record($row['trials'], $row['hand'], ...($tests[$row['slug']] ?? [0, 0])), $gathered);
        $sorted = [];
        foreach (Ranking::order($records) as $key) {
            $sorted[] = ['pest' => $gathered[$key]['pest'], 'slug' => $gathered[$key]['slug'], 'name' => $gathered[$key]['name'], 'record' => $records[$key]];
        }

        return $sorted;
    }

    /** @return array<string, array{int, int}> concluded and marked leaf tests, by recipe */
    private static function leafTests(DateTimeImmutable $now): array
    {
        $counts = [];
        foreach (LeafTest::query()->with(['readings', 'batch.recipeVersion.recipe'])->get() as $test) {
            $outcome = FromNotebook::leafTest($test)->outcome($now);
            if (! $outcome->isConcluded()) {
                continue;
            }
            $slug = $test->batch->recipeVersion->recipe->slug;
            [$all, $marked] = $counts[$slug] ?? [0, 0];
            $counts[$slug] = [$all + 1, $marked + ($outcome->level() === 'ok' ? 0 : 1)];
        }

        return $counts;
    }

    /** @return array<int, Round> the last round of each case, by case */
    public static function lastRounds(PestCase ...$cases): array
    {
        $last = [];
        foreach ($cases as $case) {
            $round = $case->rounds->sortBy([['sprayed_at', 'asc'], ['id', 'asc']])->last();
            if ($round !== null) {
                $last[$case->id] = $round;
            }
        }

        return $last;
    }
}
