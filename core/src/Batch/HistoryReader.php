<?php

declare(strict_types=1);

namespace IdleMixer\Core\Batch;

use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\WayOut\RemedyKind;
use IdleMixer\Core\WayOut\SlipReader;
use IdleMixer\Core\Words\Say;
use IdleMixer\Core\Work\StandTest;

/** Reads the `record` of a batch document against what the batch was started from. */
final readonly class HistoryReader
{
    private const MOST_TICKS = InputLines::MOST_TICKS['value'];

    private const MOST_GLASSES = InputLines::MOST_GLASSES['value'];

    public function __construct(private BatchRecord $batch) {}

    /** @throws InvalidDocument with the path of the first fault found */
    public function read(Node $node): History
    {
        $object = $node->object(['startedAt', 'ticks', 'rescues', 'glasses', 'finish', 'discardedAt', 'steps', 'usedUp', 'forLeafTest', 'lines', 'mixed']);
        $rescues = [];
        foreach ($object->get('rescues')->items(0, count($this->batch->loads), Say::it('batch/history-reader.ways-out')) as $one) {
            $number = $one->open()->get('load')->whole(1, count($this->batch->loads));
            $rescues[$number] = $this->rescue($one, $number);
        }
        $finish = $object->filled('finish');
        $discarded = $object->filled('discardedAt');
        // Batches of before were finished whole.
        $mixed = $object->optional('mixed')?->items(0, count($this->batch->loads), Say::it('batch/history-reader.loads'));

        return new History(
            Moments::read($object->get('startedAt')),
            $this->ticks($object->get('ticks')),
            $rescues,
            array_map(self::glass(...), $object->get('glasses')->items(0, self::MOST_GLASSES, 'glasses')),
            $finish === null ? null : self::finish($finish),
            $discarded === null ? null : Moments::read($discarded),
            array_map($this->step(...), $object->optional('steps')?->items(0, InputLines::MOST_TICKS['value'], 'steps') ?? []),
            $object->optional('usedUp')?->flag() ?? false,
            $object->optional('forLeafTest')?->flag() ?? false,
            array_map((new KeptLineReader($this->batch))->read(...), $object->optional('lines')?->items(0, InputLines::MOST_GLASSES['value'], 'lines') ?? []),
            $mixed !== null ? array_map(Moments::read(...), $mixed) : ($finish === null ? [] : array_fill(0, count($this->batch->loads), Moments::read($finish->open()->get('madeAt')))),
        );
    }

    /**
     * What went wrong with one load, and what was done about it.
     *
     * @throws InvalidDocument with the path of the first fault found
     */
    public function rescue(Node $node, int $number): Rescue
    {
        $row = $node->object(['load', 'slips', 'remedy', 'add', 'water_mL', 'pour_off_mL', 'title', 'words', 'version']);
        $load = $this->batch->load($number);
        $add = [];
        foreach ($row->get('add')->items(0, count($load->items), 'additions') as $one) {
            $addition = $one->object(['item', 'mL']);
            $add[$addition->get('item')->word(array_keys($load->items), Say::it('batch/history-reader.thing-in-this-load'))] = $addition->get('mL')->positive();
        }

        return new Rescue(
            SlipReader::read($row->get('slips'), $load),
            $row->get('slips')->json(),
            RemedyKind::from($row->get('remedy')->word(array_column(RemedyKind::cases(), 'value'), Say::it('batch/history-reader.way-out'))),
            $add,
            $row->get('water_mL')->countUpTo(\PHP_FLOAT_MAX),
            $row->get('pour_off_mL')->countUpTo(\PHP_FLOAT_MAX),
            $row->get('title')->text(InputLines::LONGEST_NAME['value'], 1),
            $row->get('words')->text(InputLines::LONGEST_NOTES['value']),
            $row->optional('version')?->whole(1, \PHP_INT_MAX) ?? 1,
        );
    }

    private function step(Node $node): StepDone
    {
        $row = $node->object(['load', 'number', 'at']);

        return new StepDone($row->get('load')->whole(1, count($this->batch->loads)), $row->get('number')->whole(1, InputLines::MOST_ROWS['value']), Moments::read($row->get('at')));
    }

    /** @return list<Tick> each spoonful once */
    private function ticks(Node $node): array
    {
        $ticks = [];
        foreach ($node->items(0, self::MOST_TICKS, 'ticks') as $one) {
            $row = $one->object(['load', 'item', 'scoop', 'number', 'at', 'again']);
            $load = $row->get('load')->whole(1, count($this->batch->loads));
            $items = $this->batch->load($load)->items;
            $item = $row->get('item')->word(array_keys($items), Say::it('batch/history-reader.thing-in-this-load'));
            $scoop = $row->get('scoop')->whole(0, count($items[$item]->measured->scoops) - 1);
            $number = $row->get('number')->whole(1, $items[$item]->measured->scoops[$scoop]->taps());
            $again = $row->filled('again');
            $ticks["{$load}/{$item}/{$scoop}/{$number}"] = new Tick($load, $item, $scoop, $number, Moments::read($row->get('at')), $again === null ? null : Moments::read($again));
        }

        return array_values($ticks);
    }

    private static function glass(Node $node): Glass
    {
        $row = $node->object(['at', 'result', 'seconds', 'height_mm']);

        return new Glass(
            Moments::read($row->get('at')),
            StandTest::from($row->get('result')->word(array_column(StandTest::cases(), 'value'), Say::it('batch/history-reader.stand-test-result'))),
            $row->filled('seconds')?->positive(),
            $row->filled('height_mm')?->positive(),
        );
    }

    private static function finish(Node $node): Finish
    {
        $row = $node->object(['madeAt', 'discardAt', 'standTest', 'keeping', 'notes', 'made']);
        $made = $row->filled('made');

        return new Finish(
            Moments::read($row->get('madeAt')),
            Moments::read($row->get('discardAt')),
            StandTest::from($row->get('standTest')->word(array_column(StandTest::cases(), 'value'), Say::it('batch/history-reader.stand-test-result'))),
            Keeping::from($row->get('keeping')->word(array_column(Keeping::cases(), 'value'), 'school')),
            $row->get('notes')->text(InputLines::LONGEST_NOTES['value']),
            $made === null ? null : MadeReader::read($made),
        );
    }

}
