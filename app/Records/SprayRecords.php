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
        $ranked = $this->book->ranked(
            $pest,
            array_map(static fn(array $group): array => array_map(self::effect(...), $group[1]), $groups),
            array_map(static fn(array $group): ?SprayFamily => SprayFamily::of($group[0]), $groups),
            Clumpings::of($pest),
            array_map(static fn(array $group): array => self::tested($group[0], $tests), $groups),
        );
        $all = [];
        foreach ($ranked as $key => $record) {
            $all[] = self::record($pest, $groups[$key], $record, $batches, $cases);
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
        $known = [];
        $unknown = [];
        $sprays = [];
        foreach ($rounds as $i => $round) {
            if ($round->bought !== null) {
                $unknown[$round->bought][] = $round;
                continue;
            }
            $batch = $batches[$round->batch_id ?? 0] ?? null;
            $spray = $sprays[$round->batch_id ?? 0] ??= $batch === null ? null : BatchBook::composition($batch);
            if ($spray === null) {
                $unknown[$batch?->recipeVersion->recipe->slug ?? ''][] = $round;
            } else {
                $known[$i] = $spray;
            }
        }
        $groups = array_map(static fn(array $some): array => [null, $some], array_values($unknown));
        foreach (AlikeSprays::groups($known) as $keys) {
            sort($keys);
            $groups[] = [$known[$keys[0]], array_map(static fn(int $i): WeighedRound => $rounds[$i], $keys)];
        }

        return $groups;
    }

    /**
     * @param array{Composition|null, non-empty-list<WeighedRound>} $group
     * @param Collection<int, Batch>                                $batches by id
     * @param Collection<int, PestCase>                             $cases   by id
     */
    private static function record(string $pest, array $group, Record $record, Collection $batches, Collection $cases): SprayRecord
    {
        [$spray, $rounds] = $group;
        $name = $rounds[0]->bought === null ? implode(', ', array_unique(array_map(static fn(WeighedRound $round): string => $batches[$round->batch_id ?? 0]->name ?? '', $rounds))) : self::bought($rounds[0]);
        $last = $rounds[0];
        foreach ($rounds as $round) {
            $last = $round->sprayed_at >= $last->sprayed_at ? $round : $last;
        }
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
            Associations::in(array_map(static fn(WeighedRound $round): array => [self::effect($round), self::facts($round)], $rounds)),
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
