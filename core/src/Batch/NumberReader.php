<?php

declare(strict_types=1);

namespace IdleMixer\Core\Batch;

use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Source\SourceCatalogue;
use IdleMixer\Core\Source\Sourced;
use IdleMixer\Core\Words\Say;

/** Reads a number with where it comes from: `{"value": 2, "unit": "%", "source": "practice"}`. */
final readonly class NumberReader
{
    /** @param SourceCatalogue $sources those that the document names itself */
    public function __construct(private SourceCatalogue $sources) {}

    /** @throws InvalidDocument with the path of the first fault found, or when the number is not above 0 */
    public function positive(Node $node): Sourced
    {
        $node->open()->get('value')->positive(InputLines::LARGEST_VESSEL['value']);

        return $this->read($node);
    }

    /** @throws InvalidDocument with the path of the first fault found */
    public function read(Node $node): Sourced
    {
        return Sourced::fromRow($this->row($node), $this->sources);
    }

    /**
     * @return array{value: float, unit: string, source: string}
     *
     * @throws InvalidDocument with the path of the first fault found
     */
    public function row(Node $node): array
    {
        $row = $node->object(['value', 'unit', 'source']);

        return [
            'value' => $row->get('value')->number(),
            'unit' => $row->get('unit')->text(InputLines::LONGEST_UNIT['value']),
            'source' => $row->get('source')->word($this->sources->keys(), Say::it('batch/number-reader.source-of-this-document')),
        ];
    }
}
