<?php

declare(strict_types=1);

namespace App\Records\Log;

use App\Models\Batch;
use App\Models\Burn;
use App\Models\Count;
use App\Models\LeafReading;
use App\Models\LeafTest;
use App\Models\PestCase;
use App\Models\Plant;
use App\Models\Round;
use App\Models\Trial;
use App\Models\TrialLook;
use App\Records\BatchBook;
use DateTimeInterface;
use Generator;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;

/**
 * The whole log as one JSON document, piece by piece: plants, batches as they were frozen, leaf tests, cases with rounds and
 * counts, trials. Who wrote it when does not matter to its order, so that the same log gives the same bytes in every notebook.
 */
final readonly class LogWriter
{
    public const FORMAT = 'idle-mixer/log';

    public const VERSION = 1;

    /** No submission comes before it. */
    public const BEFORE_ALL = '00000000-0000-0000-0000-000000000000';

    private const AT_A_TIME = 50;

    private const FLAGS = \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PRESERVE_ZERO_FRACTION | \JSON_THROW_ON_ERROR;

    public function __construct(private BatchBook $book) {}

    /** @return Generator<int, string> */
    public function pieces(): Generator
    {
        yield '{"format":"' . self::FORMAT . '","version":' . self::VERSION;
        yield from self::list('plants', Plant::query(), self::plant(...));
        yield from self::list('batches', Batch::query()->with(['items.scoops.ticks', 'standTests', 'plant:id,submission', 'jar:id,submission']), $this->batch(...));
        yield from self::list('leafTests', LeafTest::query()->with(['batch:id,submission', 'plant:id,submission', 'readings']), self::leafTest(...));
        yield from self::list('cases', PestCase::query()->with(['plant:id,submission', 'rounds.batch:id,submission', 'rounds.burns', 'counts']), self::case(...));
        yield from self::list('trials', Trial::query()->with('looks'), self::trial(...));
        yield "}\n";
    }

    /**
     * @template T of Model
     *
     * @param Builder<T>                                $records
     * @param callable(T): (array<string, mixed>|string) $write
     *
     * @return Generator<int, string>
     */
    private static function list(string $key, Builder $records, callable $write): Generator
    {
        yield ",\n\"{$key}\":[";
        $first = true;
        $after = self::BEFORE_ALL;
        do {
            $page = $records->clone();
            $page->where('submission', '>', $after)->orderBy('submission')->limit(self::AT_A_TIME);
            $some = $page->get();
            foreach ($some as $record) {
                $written = $write($record);
                yield ($first ? "\n" : ",\n") . (is_string($written) ? $written : json_encode($written, self::FLAGS));
                $first = false;
                $after = self::id($record);
            }
        } while ($some->count() === self::AT_A_TIME);
        yield "\n]";
    }

    /** @return array<string, mixed> */
    private static function plant(Plant $plant): array
    {
        return [
            'id' => self::id($plant), 'name' => $plant->name, 'kind' => $plant->kind, 'tolerance' => $plant->tolerance, 'place' => $plant->place, 'notes' => $plant->notes,
            'bearsNoOil' => $plant->bears_no_oil, 'indoors' => $plant->indoors, 'exposure' => $plant->exposure, 'retiredAt' => self::at($plant->retired_at),
        ];
    }

    private function batch(Batch $batch): string
    {
        $links = ['plant' => $batch->plant === null ? null : self::id($batch->plant), 'jar' => $batch->jar === null ? null : self::id($batch->jar), 'forLeafTest' => $batch->for_leaf_test, 'usedUp' => $batch->used_up];

        return substr(json_encode($links, self::FLAGS), 0, -1) . ',"batch":' . $this->book->document($batch) . '}';
    }

    /** @return array<string, mixed> */
    private static function leafTest(LeafTest $test): array
    {
        return [
            'id' => self::id($test), 'batch' => self::id($test->batch), 'plant' => self::id($test->plant), 'leaves' => $test->leaves, 'rungs' => $test->rungs, 'controls' => $test->controls,
            'shape' => $test->shape, 'marks' => $test->marks, 'waitHours' => $test->wait_hours, 'appliedAt' => self::at($test->applied_at),
            'readings' => self::sorted($test->readings->map(static fn(LeafReading $one): array => ['id' => self::id($one), 'readAt' => self::at($one->read_at), 'weather' => $one->weather, 'notes' => $one->notes, 'leaves' => json_decode($one->leaves, flags: \JSON_THROW_ON_ERROR)])->all(), 'readAt'),
        ];
    }

    /** @return array<string, mixed> */
    private static function case(PestCase $case): array
    {
        return [
            'id' => self::id($case), 'plant' => self::id($case->plant), 'pest' => $case->pest, 'openedAt' => self::at($case->opened_at), 'closedAt' => self::at($case->closed_at),
            'conclusion' => $case->conclusion, 'notes' => $case->notes, 'spots' => $case->spots,
            'batches' => Batch::query()->where('case_id', $case->id)->orderBy('submission')->pluck('submission')->all(),
            'rounds' => self::sorted($case->rounds->map(self::round(...))->all(), 'sprayedAt'),
            'counts' => self::sorted($case->counts->map(self::count(...))->all(), 'countedAt'),
        ];
    }

    /** @return array<string, mixed> */
    private static function round(Round $round): array
    {
        return [
            'id' => self::id($round), 'batch' => self::id($round->batch), 'sprayedAt' => self::at($round->sprayed_at), 'handWork' => $round->hand_work, 'notes' => $round->notes, 'override' => $round->override,
            'litres' => $round->litres, 'weather' => $round->weather ?? '',
            'burns' => self::sorted($round->burns->map(static fn(Burn $burn): array => ['id' => self::id($burn), 'seenAt' => self::at($burn->seen_at), 'share' => $burn->share, 'kinds' => $burn->kinds, 'special' => $burn->special, 'notes' => $burn->notes])->all(), 'seenAt'),
        ];
    }

    /** @return array<string, mixed> */
    private static function count(Count $count): array
    {
        return [
            'id' => self::id($count), 'countedAt' => self::at($count->counted_at), 'value' => $count->value, 'untreated' => $count->untreated, 'notes' => $count->notes,
            'each' => self::json($count->each), 'stages' => self::json($count->stages), 'newGrowth' => $count->new_growth, 'helpers' => $count->helpers,
        ];
    }

    /** @return array<string, mixed> */
    private static function trial(Trial $trial): array
    {
        return [
            'id' => self::id($trial), 'pest' => $trial->pest, 'name' => $trial->name, 'one' => $trial->one, 'other' => $trial->other, 'unit' => $trial->unit, 'units' => $trial->units, 'seed' => $trial->seed, 'blind' => $trial->blind,
            'begunAt' => self::at($trial->begun_at), 'sprayedAt' => self::at($trial->sprayed_at), 'endedAt' => self::at($trial->ended_at), 'conclusion' => $trial->conclusion,
            'looks' => self::sorted($trial->looks->map(static fn(TrialLook $look): array => ['id' => self::id($look), 'countedAt' => self::at($look->counted_at), 'counts' => self::json($look->counts)])->all(), 'countedAt'),
        ];
    }

    private static function json(?string $text): mixed
    {
        return $text === null ? null : json_decode($text, flags: \JSON_THROW_ON_ERROR);
    }

    private static function at(?DateTimeInterface $at): ?string
    {
        return $at?->format('Y-m-d\TH:i:s\Z');
    }

    private static function id(Model $record): string
    {
        $id = $record->getAttribute('submission');

        return is_string($id) ? $id : '';
    }

    /**
     * @param array<array<string, mixed>> $rows
     *
     * @return list<array<string, mixed>> earliest first, and those of one moment by their identity
     */
    private static function sorted(array $rows, string $by): array
    {
        usort($rows, static fn(array $a, array $b): int => [$a[$by], $a['id']] <=> [$b[$by], $b['id']]);

        return $rows;
    }
}
