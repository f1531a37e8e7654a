<?php

declare(strict_types=1);

namespace IdleMixer\Core\Batch;

use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Ingredient\Substance;
use IdleMixer\Core\Ingredient\SubstanceGroup;
use IdleMixer\Core\Mix\Component;
use IdleMixer\Core\Mix\Composition;
use IdleMixer\Core\Words\Say;
use IdleMixer\Core\Writing\WrittenLine;

/** Reads what really is in a batch. */
final class MadeReader
{
    private const MOST_LINES = InputLines::MOST_MADE_LINES['value'];

    private const MOST_TICKS = InputLines::MOST_COUNTED['value'];

    /** @throws InvalidDocument with the path of the first fault found */
    public static function read(Node $node): AsMadeRecord
    {
        $row = $node->object(['finished_mL', 'water_mL', 'lines', 'strength', 'spoken', 'sure', 'ticked', 'planned', 'composition']);
        $percent = $row->get('strength')->object(array_map(static fn(SubstanceGroup $group): string => $group->key(), SubstanceGroup::cases()));
        $strength = [];
        foreach (SubstanceGroup::cases() as $group) {
            $strength[$group->key()] = $percent->get($group->key())->countUpTo(\PHP_FLOAT_MAX);
        }

        return new AsMadeRecord(
            $row->get('finished_mL')->countUpTo(\PHP_FLOAT_MAX),
            $row->get('water_mL')->countUpTo(\PHP_FLOAT_MAX),
            array_map(self::line(...), $row->get('lines')->items(0, self::MOST_LINES, 'lines')),
            $strength,
            array_map(static fn(Node $words): string => $words->text(InputLines::LONGEST_NAME['value']), $row->get('spoken')->items(0, InputLines::MOST_STRENGTHS['value'], 'strengths')),
            $row->get('sure')->flag(),
            $row->get('ticked')->whole(0, self::MOST_TICKS),
            $row->get('planned')->whole(0, self::MOST_TICKS),
            self::composition($row->get('composition')),
        );
    }

    /** @throws InvalidDocument with the path of the first fault found */
    public static function composition(Node $node): Composition
    {
        return Composition::remembered(array_map(static function (Node $one): Component {
            $row = $one->object(['ingredient', 'name', 'substance', 'low', 'high']);
            $low = $row->get('low')->countUpTo(\PHP_FLOAT_MAX);
            $high = $row->get('high')->countUpTo(\PHP_FLOAT_MAX);
            if ($high < $low) {
                throw $row->get('high')->fault(Say::it('batch/made-reader.most-may-not-be-less'));
            }

            return new Component(
                $row->get('ingredient')->text(InputLines::LONGEST_SLUG['value'], 1),
                $row->get('name')->text(InputLines::LONGEST_NAME['value'], 1),
                Substance::from($row->get('substance')->word(array_column(Substance::cases(), 'value'), 'substance')),
                $low,
                $high,
            );
        }, $node->items(0, InputLines::MOST_INGREDIENTS['value'], 'ingredients')));
    }

    private static function line(Node $node): WrittenLine
    {
        $row = $node->object(['ingredient', 'name', 'mL', 'g']);

        return new WrittenLine(
            $row->get('ingredient')->text(InputLines::LONGEST_SLUG['value'], 1),
            $row->get('name')->text(InputLines::LONGEST_NAME['value'], 1),
            $row->get('mL')->countUpTo(\PHP_FLOAT_MAX),
            $row->get('g')->countUpTo(\PHP_FLOAT_MAX),
        );
    }
}
