<?php

declare(strict_types=1);

namespace IdleMixer\Core\WayOut;

use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Measure\Scoop;
use IdleMixer\Core\Quantity\AmountReader;
use IdleMixer\Core\Quantity\Dimension;
use IdleMixer\Core\Words\Say;
use IdleMixer\Core\Work\Item;
use IdleMixer\Core\Work\Load;

/**
 * Reads what went wrong: `{"kind": "count", "item": "neem-oil", "scoop": 0, "from": 2, "to": 4}` or `"said": "about two too many"` in place
 * of from and to, `{"kind": "ran-out", …}` with the same, `{"kind": "left-out", "item": "castile-soap"}`,
 * `{"kind": "measure", "item": "neem-oil", "scoop": 0, "measure": {…}}`, `{"kind": "water", "water": {…}}`.
 */
final class SlipReader
{
    /** Of one thing at a time, and the water: more unsure things make the range useless. */
    private const MOST_UNSURE = InputLines::MOST_UNSURE['value'];

    private const MOST_SCOOPS = InputLines::MOST_LOST['value'];

    /** @throws InvalidDocument with the path of the first fault found */
    public static function read(Node $node, Load $load): Slips
    {
        $items = $spent = [];
        $water = null;
        foreach ($node->items(1, InputLines::MOST_SLIPS['value'], 'slips') as $slip) {
            $object = $slip->object(['kind', 'item', 'scoop', 'from', 'to', 'said', 'measure', 'water']);
            $kind = $object->get('kind')->word(['count', 'ran-out', 'left-out', 'measure', 'water'], 'slip');
            if ($kind === 'water') {
                $water = AmountReader::vessel($object->get('water'), Say::it('way-out/slip-reader.water-in-sprayer'))->millilitres();

                continue;
            }
            $key = $object->get('item')->word(array_keys($load->items), Say::it('way-out/slip-reader.thing-in-this-load'));
            $items[$key] = self::range($kind, $object, $load->items[$key]);
            $spent = $kind === 'ran-out' ? [...$spent, $key] : $spent;
        }
        if (count(array_filter($items, static fn(array $range): bool => $range[0] !== $range[1])) > self::MOST_UNSURE) {
            throw $node->fault(Say::it('way-out/slip-reader.at-most-things-can-be', ['most-unsure' => self::MOST_UNSURE]));
        }

        return new Slips($items, $water, $spent);
    }

    /** @return array{float, float} mL */
    private static function range(string $kind, Node $object, Item $item): array
    {
        if ($kind === 'left-out') {
            return [0.0, 0.0];
        }
        $scoops = $item->measured->scoops;
        $which = $object->get('scoop')->whole(0, count($scoops) - 1);
        $rest = array_sum(array_map(static fn(Scoop $scoop): float => $scoop->millilitres(), $scoops)) - $scoops[$which]->millilitres();
        if ($kind === 'measure') {
            $used = AmountReader::read($object->get('measure'), Dimension::Volume)->volume()->millilitres();

            return [$rest + $used * $scoops[$which]->count, $rest + $used * $scoops[$which]->count];
        }
        [$from, $to] = self::counted($object, $scoops[$which]->count);
        $each = $scoops[$which]->measure->millilitres;

        return [$rest + $from * $each, $rest + $to * $each];
    }

    /** @return array{float, float} spoonfuls, whole ones and parts of them */
    private static function counted(Node $object, int $planned): array
    {
        $said = $object->optional('said');
        if ($said !== null) {
            return SaidCount::read($said->text(InputLines::LONGEST_COUNT['value'], 1), $planned, $said->path);
        }
        $from = $object->get('from')->countUpTo(self::MOST_SCOOPS);
        $to = $object->get('to')->countUpTo(self::MOST_SCOOPS);

        return $to < $from ? throw $object->get('to')->fault(Say::it('way-out/slip-reader.most-can-be-may-not', ['from' => $from])) : [$from, $to];
    }
}
