<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\LeafTest;
use App\Models\PestCase;
use App\Models\Round;
use DateTimeImmutable;
use IdleMixer\Core\Evidence\AlikeSprays;
use IdleMixer\Core\Evidence\Ranking;
use IdleMixer\Core\Evidence\Record;
use IdleMixer\Core\Evidence\Trial;
use IdleMixer\Core\Leaf\LeafTestOutcome;
use IdleMixer\Core\Mix\Composition;
use Illuminate\Database\Eloquent\Builder;

/** All rounds of all cases, gathered by pest and by what was really sprayed. */
final readonly class SprayRecords
{
    public function __construct(private CaseTrials $trials) {}

    /** @return list<SprayRecord> best first */
    public function all(DateTimeImmutable $now): array
    {
        $records = $this->of(PestCase::query(), self::leafTests($now));
        $order = Ranking::order(array_map(static fn(SprayRecord $one): Record => $one->record, $records));

        return array_map(static fn(int $key): SprayRecord => $records[$key], $order);
    }

    /** @return list<SprayRecord> what was sprayed against one pest, in no order and without its leaf tests */
    public function against(string $pest): array
    {
        return $this->of(PestCase::query()->where('pest', $pest), []);
    }

    /**
     * @param Builder<PestCase>                         $cases
     * @param list<array{Composition, LeafTestOutcome}> $tests
     *
     * @return list<SprayRecord>
     */
    private function of(Builder $cases, array $tests): array
    {
        $records = [];
        foreach ($this->byPest($cases) as $pest => $rounds) {
            foreach (self::alike($rounds) as $group) {
                $records[] = self::record($pest, $group, $tests);
            }
        }

        return $records;
    }

    /**
     * @param Builder<PestCase> $cases
     *
     * @return array<string, list<array{Round, Trial}>>
     */
    private function byPest(Builder $cases): array
    {
        $all = [];
        foreach ($cases->with(['rounds.batch:id,recipe_version_id,name,made,first_look_hours,fair_look_hours,repeat_days', 'rounds.batch.recipeVersion:id,recipe_id', 'rounds.batch.recipeVersion.recipe', 'counts'])->orderBy('id')->get() as $case) {
            $trials = $this->trials->of($case);
            foreach ($case->rounds as $round) {
                $all[$case->pest][] = [$round, $trials[$round->id]];
            }
        }

        return $all;
    }

    /**
     * @param list<array{Round, Trial}> $rounds
     *
     * @return list<array{Composition|null, non-empty-list<array{Round, Trial}>}> what nobody wrote down goes by its recipe
     */
    private static function alike(array $rounds): array
    {
        $known = [];
        $unknown = [];
        foreach ($rounds as $i => [$round]) {
            $spray = BatchBook::composition($round->batch);
            if ($spray === null) {
                $unknown[$round->batch->recipeVersion->recipe->slug][] = $i;
            } else {
                $known[$i] = $spray;
            }
        }
        $pick = static fn(int $i): array => $rounds[$i];
        $groups = array_map(static fn(array $keys): array => [null, array_map($pick, $keys)], array_values($unknown));
        foreach (AlikeSprays::groups($known) as $keys) {
            sort($keys);
            $groups[] = [$known[$keys[0]], array_map($pick, $keys)];
        }

        return $groups;
    }

    /**
     * @param array{Composition|null, non-empty-list<array{Round, Trial}>} $group
     * @param list<array{Composition, LeafTestOutcome}>                    $tests
     */
    private static function record(string $pest, array $group, array $tests): SprayRecord
    {
        [$spray, $rows] = $group;
        $about = $spray === null ? [] : array_filter($tests, static fn(array $test): bool => count(AlikeSprays::groups([$spray, $test[0]])) === 1);
        $marked = array_filter($about, static fn(array $test): bool => $test[1]->isMarked());
        $hand = array_filter($rows, static fn(array $row): bool => $row[0]->hand_work);
        $names = array_unique(array_map(static fn(array $row): string => $row[0]->batch->name, $rows));

        return new SprayRecord(
            $pest,
            $rows[0][0]->batch->recipeVersion->recipe->slug,
            implode(', ', $names),
            $spray,
            new Record(array_map(static fn(array $row): Trial => $row[1], $rows), count($hand), count($about), count($marked)),
            self::last($rows),
        );
    }

    /** @param non-empty-list<array{Round, Trial}> $rows */
    private static function last(array $rows): int
    {
        usort($rows, static fn(array $a, array $b): int => $b[0]->sprayed_at <=> $a[0]->sprayed_at);

        return $rows[0][0]->batch_id;
    }

    /** @return list<array{Composition, LeafTestOutcome}> those that were read to the end */
    private static function leafTests(DateTimeImmutable $now): array
    {
        $all = [];
        foreach (LeafTest::query()->with(['readings', 'batch:id,made'])->get() as $test) {
            $outcome = FromNotebook::leafTest($test)->outcome($now);
            $spray = BatchBook::composition($test->batch);
            if ($outcome->isConcluded() && $spray !== null) {
                $all[] = [$spray, $outcome];
            }
        }

        return $all;
    }
}
