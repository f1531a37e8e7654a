<?php

declare(strict_types=1);

namespace IdleMixer\Core\Batch;

use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Ingredient\Ingredient;
use IdleMixer\Core\Ingredient\Substance;
use IdleMixer\Core\Mix\Part;
use IdleMixer\Core\Words\Say;

/** Reads what happened to a mix as it was written down: nothing of it is looked up again. */
final readonly class KeptLineReader
{
    public function __construct(private BatchRecord $batch) {}

    /** @throws InvalidDocument with the path of the first fault found */
    public function read(Node $node): BottleLine
    {
        $row = $node->object(['id', 'kind', 'at', 'load', 'parts', 'water_mL', 'share', 'item', 'until']);
        $number = $row->get('load')->whole(1, count($this->batch->loads));
        $water = $row->filled('water_mL');
        $item = $row->get('item')->text(InputLines::LONGEST_KEY['value']);

        return new BottleLine(
            strtolower($row->get('id')->text(InputLines::LONGEST_ID['value'], 1)),
            BottleLineKind::from($row->get('kind')->word(array_column(BottleLineKind::cases(), 'value'), Say::it('batch/bottle-line-reader.kind'))),
            Moments::read($row->get('at')),
            $number,
            array_map($this->keptPart(...), $row->get('parts')->items(0, InputLines::MOST_INGREDIENTS['value'], 'parts')),
            $water?->countUpTo(InputLines::LARGEST_VESSEL['value']),
            $row->get('share')->countUpTo(1.0),
            $item === '' ? '' : $row->get('item')->word(array_keys($this->batch->load($number)->items), Say::it('batch/history-reader.thing-in-this-load')),
            $row->filled('until') === null ? null : Moments::read($row->get('until')),
        );
    }

    private function keptPart(Node $node): Part
    {
        $row = $node->object(['ingredient', 'mL', 'strength']);
        $ingredient = $row->get('ingredient')->object(['slug', 'name', 'substance', 'density']);

        return new Part(
            new Ingredient(
                $ingredient->get('slug')->text(InputLines::LONGEST_SLUG['value'], 1),
                $ingredient->get('name')->text(InputLines::LONGEST_NAME['value'], 1),
                Substance::from($ingredient->get('substance')->word(array_column(Substance::cases(), 'value'), 'substance')),
                (new NumberReader($this->batch->sources))->positive($ingredient->get('density')),
                null,
                null,
            ),
            $row->get('mL')->countUpTo(InputLines::LARGEST_VESSEL['value']),
            $row->filled('strength')?->positive(100.0),
            null,
        );
    }
}
