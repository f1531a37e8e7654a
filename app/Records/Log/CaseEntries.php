<?php

declare(strict_types=1);

namespace App\Records\Log;

use App\Models\Batch;
use App\Models\Burn;
use App\Models\Count;
use App\Models\PestCase;
use App\Models\Plant;
use App\Models\Round;
use DateTimeImmutable;
use IdleMixer\Core\Data\EvidenceLines;
use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Evidence\LookReader;
use IdleMixer\Core\Trouble\TroubleCatalogue;

/** Cases of a log, with their rounds and counts. A case that is here already takes what it did not have. */
final readonly class CaseEntries
{
    private const MOST_LITRES = 10_000.0;

    public function __construct(private TroubleCatalogue $troubles) {}

    /**
     * @return array{cases: int, rounds: int, counts: int} how many were new
     *
     * @throws InvalidDocument with the path of the first fault found
     */
    public function take(Node $node, DateTimeImmutable $now): array
    {
        $told = $node->object(['id', 'plant', 'pest', 'openedAt', 'closedAt', 'conclusion', 'notes', 'spots', 'batches', 'rounds', 'counts']);
        $id = Entry::id($told->get('id'));
        $closed = $told->filled('closedAt');
        $columns = [
            'submission' => $id,
            'plant_id' => Entry::belongs($told->get('plant'), Plant::query(), 'plant')->id,
            'pest' => $told->get('pest')->word($this->troubles->pestSlugs(), 'pest'),
            'opened_at' => Entry::at($told->get('openedAt'), $now),
            'closed_at' => $closed === null ? null : Entry::at($closed, $now),
            'conclusion' => $told->optional('conclusion')?->text(Entry::LONGEST_NOTES) ?? '',
            'notes' => $told->optional('notes')?->text(Entry::LONGEST_NOTES) ?? '',
            'spots' => $told->optional('spots')?->text(Entry::LONGEST_NOTES) ?? '',
        ];
        $case = Entry::here($id, PestCase::query());
        $new = ['cases' => $case === null ? 1 : 0, 'rounds' => 0, 'counts' => 0];
        $case ??= PestCase::query()->create($columns);
        foreach ($told->filled('batches')?->items(0, InputLines::MOST_ROWS['value'], 'batches') ?? [] as $batch) {
            Batch::query()->where('submission', Entry::id($batch))->whereNull('case_id')->update(['case_id' => $case->id]);
        }
        foreach ($told->get('rounds')->items(0, InputLines::MOST_ROWS['value'], 'rounds') as $round) {
            $new['rounds'] += self::round($round, $case, $now);
        }
        foreach ($told->get('counts')->items(0, EvidenceLines::MOST_LOOKS['value'], 'counts') as $count) {
            $new['counts'] += self::count($count, $case, $now);
        }

        return $new;
    }

    /** @throws InvalidDocument */
    private static function round(Node $node, PestCase $case, DateTimeImmutable $now): int
    {
        $round = $node->object(['id', 'batch', 'sprayedAt', 'handWork', 'notes', 'override', 'litres', 'weather', 'burns']);
        $id = Entry::id($round->get('id'));
        $columns = [
            'submission' => $id,
            'case_id' => $case->id,
            'batch_id' => Entry::belongs($round->get('batch'), Batch::query(), 'batch')->id,
            'sprayed_at' => Entry::at($round->get('sprayedAt'), $now),
            'hand_work' => $round->filled('handWork')?->flag() ?? false,
            'notes' => $round->optional('notes')?->text(Entry::LONGEST_NOTES) ?? '',
            'override' => $round->optional('override')?->text(Entry::LONGEST_NOTES) ?? '',
            'litres' => Entry::amount($round->filled('litres'), self::MOST_LITRES),
            'weather' => $round->optional('weather')?->text(Entry::LONGEST_NOTES) ?? '',
        ];
        if (Entry::here($id, Round::query()) !== null) {
            return 0;
        }
        $made = Round::query()->create($columns);
        foreach ($round->filled('burns')?->items(0, InputLines::MOST_ROWS['value'], 'burns') ?? [] as $one) {
            $burn = $one->object(['id', 'seenAt', 'share', 'kinds', 'special', 'notes']);
            Burn::query()->create([
                'submission' => Entry::id($burn->get('id')),
                'round_id' => $made->id,
                'seen_at' => Entry::at($burn->get('seenAt'), $now),
                'share' => $burn->get('share')->countUpTo(100.0),
                'kinds' => $burn->get('kinds')->text(Entry::LONGEST_NAME),
                'special' => $burn->get('special')->text(Entry::LONGEST_NAME),
                'notes' => $burn->optional('notes')?->text(Entry::LONGEST_NOTES) ?? '',
            ]);
        }

        return 1;
    }

    /** @throws InvalidDocument */
    private static function count(Node $node, PestCase $case, DateTimeImmutable $now): int
    {
        $count = $node->object(['id', 'countedAt', 'value', 'untreated', 'notes', 'each', 'stages', 'newGrowth', 'helpers']);
        $id = Entry::id($count->get('id'));
        $each = $count->filled('each');
        $stages = $count->filled('stages');
        $columns = [
            'submission' => $id,
            'case_id' => $case->id,
            'counted_at' => Entry::at($count->get('countedAt'), $now),
            'value' => $count->get('value')->countUpTo(LookReader::MOST),
            'untreated' => $count->filled('untreated')?->flag() ?? false,
            'notes' => $count->optional('notes')?->text(Entry::LONGEST_NOTES) ?? '',
            'each' => $each === null ? null : self::numbers($each),
            'stages' => $stages?->json(),
            'new_growth' => $count->filled('newGrowth')?->word(['clean', 'hit'], 'state of new growth'),
            'helpers' => $count->filled('helpers')?->flag(),
        ];
        foreach ($stages?->open()->keys() ?? [] as $stage) {
            $stages?->open()->get($stage)->countUpTo(LookReader::MOST);
        }
        if (Entry::here($id, Count::query()) !== null) {
            return 0;
        }
        Count::query()->create($columns);

        return 1;
    }

    /** @throws InvalidDocument when one is no count */
    private static function numbers(Node $each): string
    {
        return json_encode(array_map(static fn(Node $spot): float => $spot->countUpTo(LookReader::MOST), $each->items(1, InputLines::MOST_SPOTS['value'], 'spots')), \JSON_THROW_ON_ERROR);
    }
}
