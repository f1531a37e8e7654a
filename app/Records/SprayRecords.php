<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Batch;
use App\Models\LeafTest;
use App\Models\PestCase;
use App\Models\Round;
use App\Models\WeighedRound;
use DateTimeImmutable;
use IdleMixer\Core\Choice\RecordBook;
use IdleMixer\Core\Evidence\AlikeSprays;
use IdleMixer\Core\Evidence\Associations;
use IdleMixer\Core\Evidence\Formula;
use IdleMixer\Core\Evidence\Kept;
use IdleMixer\Core\Evidence\Outcome;
use IdleMixer\Core\Evidence\Record;
use IdleMixer\Core\Evidence\RoundEffect;
use IdleMixer\Core\Leaf\LeafTestOutcome;
use IdleMixer\Core\Leaf\TestedSpray;
use IdleMixer\Core\Mix\Composition;
use IdleMixer\Core\Mix\SprayFamily;
use Illuminate\Database\Eloquent\Collection;

/** All weighed rounds against a pest, gathered by what was really sprayed. */
final readonly class SprayRecords
{
    private const OF_A_BATCH = ['id', 'recipe_version_id', 'name', 'made'];

    public function __construct(private RecordBook $book) {}

    /**
     * @param list<array{Composition, LeafTestOutcome}> $tests
     *
     * @return list<SprayRecord> best first
     */
    public function against(string $pest, array $tests): array
    {
        $rounds = array_values(WeighedRound::query()->where('pest', $pest)->orderBy('sprayed_at')->orderBy('round_id')->get()->all());
        $batches = Batch::query()->withoutGlobalScopes()->whereIn('id', array_unique(array_filter(array_map(static fn(WeighedRound $round): ?int => $round->batch_id, $rounds), is_int(...))))->with('recipeVersion.recipe')->get(self::OF_A_BATCH)->keyBy('id');
        $groups = self::alike($rounds, $batches);
        $cases = PestCase::query()->whereIn('id', array_unique(array_map(static fn(WeighedRound $round): int => $round->case_id, $rounds)))->with('plant')->get()->keyBy('id');
        $effects = array_map(static fn(array $group): array => array_map(self::effect(...), $group[1]), $groups);
        $ranked = $this->book->ranked(
            $pest,
            $effects,
            array_map(static fn(array $group): ?SprayFamily => SprayFamily::of($group[0]), $groups),
            Clumpings::of($pest),
            array_map(static fn(array $group): array => self::tested($group[0], $tests), $groups),
        );
        $all = [];
        foreach ($ranked as $key => $record) {
            $all[] = self::record($pest, $groups[$key], $effects[$key], $record, $batches, $cases);
        }

        return $all;
    }

    /** @return list<array{Composition, LeafTestOutcome}> those that were read to the end */
    public function leafTests(DateTimeImmutable $now): array
    {
        $all = [];
        foreach (LeafTest::query()->with(['readings', 'batch:id,made'])->get() as $test) {
            $spray = BatchBook::composition($test->batch);
            foreach ($spray === null ? [] : TestedSpray::each($test->id, FromNotebook::leafTest($test), $spray) as $one) {
                $outcome = $one->test->outcome($now);
                if ($one->spray !== null && $outcome->isConcluded() && $outcome !== LeafTestOutcome::SaysNothing) {
                    $all[] = [$one->spray, $outcome];
                }
            }
        }

        return $all;
    }

    public static function effect(WeighedRound $round): RoundEffect
    {
        return new RoundEffect(
            (string) $round->case_id,
            Outcome::from($round->outcome),
            $round->formula === null ? null : Formula::from($round->formula),
            $round->reduction,
            $round->kept_log === null ? null : new Kept($round->kept_log, $round->kept_chance ?? 0.0, $round->kept_leaves ?? 0.0),
            $round->days,
            $round->alone,
            $round->rounds,
            $round->hand_work,
            $round->unproven,
            $round->burnt,
        );
    }

    /**
     * @param list<WeighedRound>     $rounds
     * @param Collection<int, Batch> $batches by id
     *
     * @return list<array{Composition|null, non-empty-list<WeighedRound>}> what nobody wrote down goes by its recipe, what was bought by its name
     */
    private static function alike(array $rounds, Collection $batches): array
    {
        $first = $together = $unknown = $sprays = [];
        foreach ($rounds as $i => $round) {
            // Rounds of one batch are alike, whatever is in it.
            $one = $first[$round->bought ?? $round->batch_id ?? 0] ??= $i;
            $together[$one][] = $i;
        }
        foreach ($together as $one => $keys) {
            $batch = $rounds[$one]->bought === null ? $batches[$rounds[$one]->batch_id ?? 0] ?? null : null;
            $spray = $batch === null ? null : BatchBook::composition($batch);
            if ($spray === null) {
                $unknown[$rounds[$one]->bought ?? $batch?->recipeVersion->recipe->slug ?? ''][] = $one;
            } else {
                $sprays[$one] = $spray;
            }
        }
        $groups = [];
        foreach ([...array_values($unknown), ...AlikeSprays::groups($sprays)] as $alike) {
            $keys = array_merge(...array_map(static fn(int $one): array => $together[$one], $alike));
            sort($keys);
            $groups[] = [$sprays[$keys[0]] ?? null, array_map(static fn(int $i): WeighedRound => $rounds[$i], $keys)];
        }

        return $groups;
    }

    /**
     * @param array{Composition|null, non-empty-list<WeighedRound>} $group
     * @param non-empty-list<RoundEffect>                            $effects of its rounds
     * @param Collection<int, Batch>                                $batches by id
     * @param Collection<int, PestCase>                             $cases   by id
     */
    private static function record(string $pest, array $group, array $effects, Record $record, Collection $batches, Collection $cases): SprayRecord
    {
        [$spray, $rounds] = $group;
        $name = $rounds[0]->bought === null ? implode(', ', array_unique(array_map(static fn(WeighedRound $round): string => $batches[$round->batch_id ?? 0]->name ?? '', $rounds))) : self::bought($rounds[0]);
        $last = $rounds[count($rounds) - 1];
        $each = SprayCosts::of($rounds, $cases);

        return new SprayRecord(
            $pest,
            $batches[$rounds[0]->batch_id ?? 0]?->recipeVersion->recipe->slug ?? '',
            $name,
            $spray,
            SprayFamily::of($spray),
            $record,
            $last->batch_id,
            $cases[$last->case_id]?->plant->name ?? '',
            $last->sprayed_at,
            $each->closed,
            $each->litres,
            $each->minutes,
            Associations::in(array_map(static fn(RoundEffect $effect, WeighedRound $round): array => [$effect, self::facts($round)], $effects, $rounds)),
        );
    }

    /** As it was typed the first time. */
    private static function bought(WeighedRound $round): string
    {
        return Round::query()->find($round->round_id)?->name() ?? '';
    }

    /** @return array<string, bool> */
    private static function facts(WeighedRound $round): array
    {
        $all = [];
        foreach ((array) json_decode($round->facts, flags: \JSON_THROW_ON_ERROR) as $fact => $holds) {
            $all[(string) $fact] = $holds === true;
        }

        return $all;
    }

    /**
     * @param list<array{Composition, LeafTestOutcome}> $tests
     *
     * @return array{int, int} tests of this spray, and those that left marks
     */
    private static function tested(?Composition $spray, array $tests): array
    {
        $about = $spray === null ? [] : array_filter($tests, static fn(array $test): bool => count(AlikeSprays::groups([$spray, $test[0]])) === 1);

        return [count($about), count(array_filter($about, static fn(array $test): bool => $test[1]->isMarked()))];
    }
}
