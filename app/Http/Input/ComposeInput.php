<?php

declare(strict_types=1);

namespace App\Http\Input;

use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Recipe\MixingOrder;
use IdleMixer\Core\Recipe\RecipeReader;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Words\Say;

/** A recipe while it is being typed: unfinished lines are not a fault here. */
final readonly class ComposeInput
{
    /** Longer lines are refused one by one; this is the most that is looked at. */
    private const LONGEST_LINE = 2000;

    /**
     * @param list<string> $lines
     * @param string|null  $from  slug of the recipe that is written on from: its stocks are those of that name
     */
    private function __construct(
        public string $name,
        public ?string $slug,
        public RecipeUse $use,
        public MixingOrder $order,
        public string $notes,
        public array $lines,
        public ?string $from,
    ) {}

    /** @throws InvalidDocument with the path of the first fault found */
    public static function read(Node $node): self
    {
        $object = $node->object(['name', 'slug', 'use', 'order', 'notes', 'lines', 'from']);
        $slug = $object->optional('slug');
        $from = $object->optional('from');

        return new self(
            trim($object->get('name')->line(RecipeReader::MAX_NAME)),
            $slug === null || $slug->isNull() ? null : $slug->text(100, 1),
            RecipeUse::from($object->get('use')->word(array_column(RecipeUse::cases(), 'value'), 'use')),
            MixingOrder::from($object->get('order')->word(array_column(MixingOrder::cases(), 'value'), Say::it('input/compose-input.mixing-order'))),
            $object->get('notes')->text(RecipeReader::MAX_NOTES),
            array_map(static fn(Node $line): string => $line->text(self::LONGEST_LINE), $object->get('lines')->items(0, InputLines::MOST_TYPED_LINES['value'], 'lines')),
            $from === null || $from->isNull() ? null : $from->text(100, 1),
        );
    }
}
