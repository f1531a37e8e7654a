<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Batch;
use App\Models\LeafTest;
use App\Models\Plant;
use App\Models\Round;
use DateTimeImmutable;
use IdleMixer\Core\Data\LeafLines;
use IdleMixer\Core\Leaf\Burn;
use IdleMixer\Core\Leaf\Proof;
use IdleMixer\Core\Leaf\SinceThen;
use IdleMixer\Core\Leaf\TestedSpray;
use IdleMixer\Core\Plant\Stage;

/** What a plant, and those of its kind, are proven to bear: by leaf tests, by rounds that left no mark, and by what burnt after one. */
final readonly class Proofs
{
    public function __construct(private BatchBook $book, private HeatWaves $heat, private Reading $reading) {}

    public function of(Plant $plant, DateTimeImmutable $now): Proof
    {
        return $this->reading->once("proof/{$plant->id}/{$now->getTimestamp()}", fn(): Proof => $this->reckoned($plant, $now));
    }

    private function reckoned(Plant $plant, DateTimeImmutable $now): Proof
    {
        $kin = $this->kin($plant);
        $tested = $this->tests($plant, $kin, $now);
        $clean = [];
        foreach (Round::query()->whereHas('case', static fn($case) => $case->whereIn('plant_id', $kin))->with(['batch', 'burns', 'case.plant'])->orderBy('id')->get() as $round) {
            if ($round->batch === null) {
                continue;
            }
            // What burnt is what was meant, where spoons were off no more than they always are.
            $spray = $round->burns->isEmpty() ? BatchBook::composition($round->batch) : $this->book->judged($round->batch);
            if ($spray === null) {
                continue;
            }
            foreach ($round->burns as $burn) {
                $tested[] = new TestedSpray($round->case_id, Burn::asTest($round->sprayed_at, $burn->seen_at, $burn->share), $spray, round: true);
            }
            if ($round->burns->isEmpty() && self::onAnother($plant, $round->case->plant) === [] && $round->sprayed_at <= $now->modify('-' . LeafLines::ROUND_SHOWS['value'] . ' days')) {
                $clean[] = $spray;
            }
        }

        return new Proof($tested, $clean);
    }

    /** @return list<SinceThen> why what that plant bore speaks less surely of this */
    private static function onAnother(Plant $plant, Plant $tested): array
    {
        return SinceThen::onAnother($plant->is($tested), $plant->variety, $tested->variety, $plant->rare);
    }

    /**
     * @param list<int> $kin
     *
     * @return list<TestedSpray> each strength of a ladder by itself
     */
    private function tests(Plant $plant, array $kin, DateTimeImmutable $now): array
    {
        $tested = [];
        foreach (LeafTest::query()->whereIn('plant_id', $kin)->with(['readings', 'batch', 'plant'])->orderBy('id')->get() as $test) {
            $on = $test->plant;
            $since = SinceThen::onPlant($test->applied_at, $on->dry_on, $on->stage === null ? null : Stage::tryFrom($on->stage), $on->stage_on, $on->indoors ? null : $this->heat->last($now));
            array_push($tested, ...TestedSpray::each($test->id, FromNotebook::leafTest($test), BatchBook::composition($test->batch), $test->batch->submission, [...$since, ...self::onAnother($plant, $on)], $this->grades($test->batch)));
        }

        return $tested;
    }

    /** @return array<string, float> */
    private function grades(Batch $batch): array
    {
        return $this->book->planned($this->book->record($batch))->grades();
    }

    /** What it shares with plants whose leaves speak for its own; only itself where nobody said what it is. */
    public static function kind(Plant $plant): string
    {
        return $plant->kind === '' ? "#{$plant->id}" : implode(' ', [mb_strtolower($plant->kind), $plant->tolerance, $plant->bears_no_oil ? 'bears-no-oil' : '']);
    }

    /** @return list<int> the plant itself, and those that are called the same kind and have the same leaf */
    public function kin(Plant $plant): array
    {
        return $this->reading->once("kin/{$plant->id}", static fn(): array => self::ofKind($plant));
    }

    /** @return list<int> */
    private static function ofKind(Plant $plant): array
    {
        $ids = [$plant->id];
        if ($plant->kind === '') {
            return $ids;
        }
        foreach (Plant::query()->where('tolerance', $plant->tolerance)->where('bears_no_oil', $plant->bears_no_oil)->where('id', '!=', $plant->id)->get() as $other) {
            if (self::kind($other) === self::kind($plant)) {
                $ids[] = $other->id;
            }
        }

        return $ids;
    }
}
