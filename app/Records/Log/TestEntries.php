<?php

declare(strict_types=1);

namespace App\Records\Log;

use App\Models\Batch;
use App\Models\LeafReading;
use App\Models\LeafTest;
use App\Models\Plant;
use DateTimeImmutable;
use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Data\LeafLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Leaf\ReadingReader;

/** Leaf tests of a log, with what was read of them. */
final class TestEntries
{
    private const LONGEST_WAIT = 24 * 30;

    private const LONGEST_MARKS = 1_000;

    /** @throws InvalidDocument with the path of the first fault found */
    public function take(Node $node, DateTimeImmutable $now): int
    {
        $test = $node->object(['id', 'batch', 'plant', 'leaves', 'rungs', 'controls', 'shape', 'marks', 'waitHours', 'appliedAt', 'readings']);
        $id = Entry::id($test->get('id'));
        $columns = [
            'submission' => $id,
            'batch_id' => Entry::belongs($test->get('batch'), Batch::query(), 'batch')->id,
            'plant_id' => Entry::belongs($test->get('plant'), Plant::query(), 'plant')->id,
            'leaves' => $test->get('leaves')->whole(1, LeafLines::MOST_LEAVES['value']),
            'rungs' => self::rungs($test->get('rungs')),
            'controls' => $test->get('controls')->flag(),
            'shape' => $test->get('shape')->text(Entry::LONGEST_NAME, 1),
            'marks' => $test->optional('marks')?->text(self::LONGEST_MARKS) ?? '',
            'wait_hours' => $test->get('waitHours')->whole(1, self::LONGEST_WAIT),
            'applied_at' => Entry::at($test->get('appliedAt'), $now),
        ];
        $readings = array_map(static fn(Node $reading): array => self::reading($reading, $now), $test->get('readings')->items(0, InputLines::MOST_ROWS['value'], 'readings'));
        if (Entry::here($id, LeafTest::query()) !== null) {
            return 0;
        }
        $made = LeafTest::query()->create($columns);
        foreach ($readings as $reading) {
            LeafReading::query()->create([...$reading, 'leaf_test_id' => $made->id]);
        }

        return 1;
    }

    /** @throws InvalidDocument when they are no strengths */
    private static function rungs(Node $node): string
    {
        $text = $node->text(Entry::LONGEST_NAME, 1);

        return preg_match('/^[0-9.]+( [0-9.]+)*$/', $text) === 1 ? $text : throw $node->fault('{found} are no strengths; numbers apart by blanks are needed, like “1 0.5”.');
    }

    /**
     * @return array<string, mixed>
     *
     * @throws InvalidDocument
     */
    private static function reading(Node $node, DateTimeImmutable $now): array
    {
        $reading = $node->object(['id', 'readAt', 'weather', 'notes', 'leaves']);
        $leaves = $reading->get('leaves');
        ReadingReader::read($leaves, null);

        return [
            'submission' => Entry::id($reading->get('id')),
            'read_at' => Entry::at($reading->get('readAt'), $now),
            'weather' => $reading->optional('weather')?->text(Entry::LONGEST_NAME) ?? '',
            'notes' => $reading->optional('notes')?->text(Entry::LONGEST_NOTES) ?? '',
            'leaves' => $leaves->json(),
        ];
    }
}
