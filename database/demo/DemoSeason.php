<?php

declare(strict_types=1);

namespace Database\Demo;

use App\Models\Batch;
use App\Models\Count;
use App\Models\LeafReading;
use App\Models\LeafTest;
use App\Models\Measure;
use App\Models\PestCase;
use App\Models\Plant;
use App\Models\Round;
use App\Models\Sprayer;
use App\Models\SprayerEvent;
use App\Models\WeatherReport;
use App\Records\BatchBook;
use App\Records\BatchFinisher;
use App\Records\BatchStarter;
use App\Records\GardenBook;
use App\Records\Kitchenware;
use App\Records\Submitted;
use App\Records\Tallies;
use DateTimeImmutable;
use IdleMixer\Core\Batch\Keeping;
use IdleMixer\Core\Batch\Tick;
use IdleMixer\Core\Bench\BenchReader;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Habit\Habits;
use IdleMixer\Core\Leaf\InjuryKind;
use IdleMixer\Core\Leaf\SeenLeaf;
use IdleMixer\Core\Leaf\WrittenLeaf;
use IdleMixer\Core\Phrase\Kitchen;
use IdleMixer\Core\Vessel\SprayerMemory;
use IdleMixer\Core\Weather\HoursWriter;
use IdleMixer\Core\Work\StandTest;
use Illuminate\Support\Str;

/**
 * Writes the made-up season, batch by batch, through the same doors as the screens.
 *
 * @phpstan-type RoundRow array{recipe: string, sprayer: string, make: array{int|float, string}, at: int, glass?: string, test?: array{int, list<float>|null, int|null}, sprayed?: int, override?: string, hand?: bool, notes?: string, discarded?: bool, mixing?: bool}
 * @phpstan-type CaseRow array{plant: string, pest: string, at: int, closed: int|null, notes: string, conclusion: string, counts: list<array{0: int, 1: int|list<int>, 2?: bool}>, rounds: list<RoundRow>}
 * @phpstan-type SeasonRows array{garden: array{float, float, string, float}, plants: array<string, array{string, string, string, string, string, bool}>, sprayers: array<string, array{string, int|float, string}>, found: array<string, array{float, list<array{float, float}>}>, measures: list<array{string, int|float, string}>, cases: list<CaseRow>}
 */
final readonly class DemoSeason
{
    public function __construct(
        private BenchReader $benches,
        private BatchBook $book,
        private Tallies $tallies,
        private BatchStarter $starter,
        private BatchFinisher $finisher,
        private Kitchenware $kitchenware,
        private GardenBook $garden,
    ) {}

    public function write(DateTimeImmutable $now): void
    {
        /** @var SeasonRows $season */
        $season = require __DIR__ . '/season.php';
        $plants = array_map(static fn(array $row): Plant => Plant::query()->create(['submission' => Str::uuid()->toString(), 'name' => $row[0], 'tolerance' => $row[1], 'place' => $row[2], 'kind' => $row[3], 'exposure' => $row[4], 'indoors' => $row[5]]), $season['plants']);
        $sprayers = array_map(static fn(array $row): Sprayer => Sprayer::query()->create(self::vessel($row)), $season['sprayers']);
        foreach ($season['found'] as $key => [$left, $pours]) {
            $sprayers[$key]->update(['left_behind_ml' => $left, 'pours' => json_encode($pours, \JSON_THROW_ON_ERROR)]);
        }
        [$latitude, $longitude, $zone, $room] = $season['garden'];
        $this->garden->keep(0, ['latitude' => $latitude, 'longitude' => $longitude, 'zone' => $zone, 'room_celsius' => $room, 'source' => WeatherReport::FILE]);
        WeatherReport::query()->create(['submission' => Str::uuid()->toString(), 'source' => WeatherReport::FILE, 'name' => 'Fennel Row.csv', 'told_at' => $now, 'hours' => json_encode(HoursWriter::write(DemoWeather::around($now)), \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION)]);
        $this->kitchenware->keep(0, Kitchen::Us, ['squirt' => 3.5], new Habits());
        foreach ($season['measures'] as $row) {
            Measure::query()->create(self::vessel($row));
        }
        foreach ($season['cases'] as $row) {
            $this->case($row, $plants, $sprayers, $now);
        }
        foreach ($sprayers as $sprayer) {
            SprayerEvent::query()->create(['submission' => Str::uuid()->toString(), 'sprayer_id' => $sprayer->id, 'kind' => SprayerMemory::WASHED, 'happened_at' => $now]);
        }
    }

    /**
     * @param array{string, int|float, string} $row
     *
     * @return array<string, mixed>
     */
    private static function vessel(array $row): array
    {
        return ['submission' => Str::uuid()->toString(), 'name' => $row[0], 'amount' => $row[1], 'unit' => $row[2]];
    }

    /**
     * @param CaseRow                $row
     * @param array<string, Plant>   $plants
     * @param array<string, Sprayer> $sprayers
     */
    private function case(array $row, array $plants, array $sprayers, DateTimeImmutable $now): void
    {
        $case = PestCase::query()->create([
            'submission' => Str::uuid()->toString(),
            'plant_id' => $plants[$row['plant']]->id,
            'pest' => $row['pest'],
            'opened_at' => self::before($now, $row['at']),
            'closed_at' => $row['closed'] === null ? null : self::before($now, $row['closed']),
            'conclusion' => $row['conclusion'],
            'notes' => $row['notes'],
        ]);
        foreach ($row['counts'] as $count) {
            $value = is_array($count[1]) ? array_sum($count[1]) : $count[1];
            $each = is_array($count[1]) ? json_encode(array_map(floatval(...), $count[1]), \JSON_THROW_ON_ERROR) : null;
            Count::query()->create(['submission' => Str::uuid()->toString(), 'case_id' => $case->id, 'counted_at' => self::before($now, $count[0]), 'value' => $value, 'untreated' => $count[2] ?? false, 'each' => $each]);
        }
        foreach ($row['rounds'] as $round) {
            $this->round($round, $case, $plants[$row['plant']], $sprayers[$round['sprayer']], $now);
        }
    }

    /** @param RoundRow $row */
    private function round(array $row, PestCase $case, Plant $plant, Sprayer $sprayer, DateTimeImmutable $now): void
    {
        $batch = $this->batch($row, $case, $plant, $sprayer, $now);
        if (isset($row['test'])) {
            [$wait, $shares, $readAfter] = $row['test'];
            $applied = self::before($now, $row['at'])->modify('+20 minutes');
            $test = LeafTest::query()->create(['submission' => Str::uuid()->toString(), 'batch_id' => $batch->id, 'plant_id' => $plant->id, 'leaves' => 3, 'controls' => true, 'marks' => 'Threads on the north side, one shoot.', 'wait_hours' => $wait, 'applied_at' => $applied]);
            if ($shares !== null && $readAfter !== null) {
                LeafReading::query()->create(['submission' => Str::uuid()->toString(), 'leaf_test_id' => $test->id, 'read_at' => $applied->modify("+{$readAfter} hours"), 'weather' => 'cloudy', 'leaves' => self::seen($shares)]);
            }
        }
        if (isset($row['sprayed'])) {
            Round::query()->create(['submission' => Str::uuid()->toString(), 'case_id' => $case->id, 'batch_id' => $batch->id, 'sprayed_at' => self::before($now, $row['sprayed']), 'hand_work' => $row['hand'] ?? false, 'notes' => $row['notes'] ?? '', 'override' => $row['override'] ?? '']);
        }
        if (! isset($row['mixing']) && ($batch->discard_at < $now || isset($row['discarded']))) {
            $batch->update(['discarded_at' => $batch->discard_at, 'used_up' => isset($row['sprayed']) && ! isset($row['discarded'])]);
        }
    }

    /** @param list<float> $shares of the sprayed leaves; the two beside them are clean */
    private static function seen(array $shares): string
    {
        $leaves = array_map(static fn(float $share, int $n): WrittenLeaf => new WrittenLeaf(new SeenLeaf($n + 1, $share, $share, $share, $share > 0.0 ? [InjuryKind::Spots] : []), 'eye', []), [...$shares, 0.0, 0.0], array_keys([...$shares, 0.0, 0.0]));

        return json_encode(array_map(static fn(WrittenLeaf $leaf): array => $leaf->write(), $leaves), \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION);
    }

    /** @param RoundRow $row */
    private function batch(array $row, PestCase $case, Plant $plant, Sprayer $sprayer, DateTimeImmutable $now): Batch
    {
        $bench = $this->benches->request(JsonText::parse(json_encode([
            'recipe' => $row['recipe'],
            'make' => ['amount' => $row['make'][0], 'unit' => $row['make'][1]],
            'sprayer' => ['amount' => $sprayer->amount, 'unit' => $sprayer->unit],
            'plant' => $plant->tolerance,
            'circumstances' => ['season' => $plant->tolerance === 'dormant-wood' ? 'dormant' : 'growing'],
        ], \JSON_THROW_ON_ERROR)));
        $at = self::before($now, $row['at']);
        [$batch] = $this->starter->start(Submitted::of(Str::uuid()->toString(), '{}'), $bench, $sprayer, $plant, $case, $at);
        $this->tick($batch, $at, isset($row['mixing']));
        if (! isset($row['mixing'])) {
            $this->finisher->finish($batch, StandTest::from($row['glass'] ?? 'not-done'), Keeping::Strict, $at, isset($row['sprayed']) ? '' : $row['notes'] ?? '');
        }

        return $batch;
    }

    /** All that goes in; only the first measure of a batch that is still being mixed. */
    private function tick(Batch $batch, DateTimeImmutable $at, bool $onlyFirst): void
    {
        $ticks = [];
        foreach ($this->book->record($batch)->loads as $i => $load) {
            foreach ($load->items as $key => $item) {
                foreach ($item->measured->scoops as $which => $scoop) {
                    foreach (range(1, $scoop->taps()) as $number) {
                        $ticks[] = new Tick($i + 1, $key, $which, $number, $at);
                    }
                }
            }
        }
        $first = array_filter($ticks, static fn(Tick $tick): bool => [$tick->load, $tick->item, $tick->scoop] === [$ticks[0]->load, $ticks[0]->item, $ticks[0]->scoop]);
        $this->tallies->tick($batch, $onlyFirst ? array_values($first) : $ticks);
    }

    private static function before(DateTimeImmutable $now, int $hours): DateTimeImmutable
    {
        return $now->modify("-{$hours} hours");
    }
}
