<?php

declare(strict_types=1);

namespace IdleMixer\Core\Batch;

use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Ingredient\Ingredient;
use IdleMixer\Core\Measure\Measure;
use IdleMixer\Core\Measure\Scoop;
use IdleMixer\Core\Measure\ScoopPlan;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Mix\Part;
use IdleMixer\Core\Mix\StockPour;
use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\Dimension;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Words\Say;
use IdleMixer\Core\Work\Item;
use IdleMixer\Core\Work\Load;

/** Reads one load of a plan that was written down: what goes in, and what it was to be measured with. */
final readonly class LoadReader
{
    private const MOST_LINES = InputLines::MOST_ITEMS['value'];

    private const MOST_SCOOPS = InputLines::MOST_SCOOPS['value'];

    private const MOST_FILLS = InputLines::MOST_FILLS['value'];

    /** mL, or g of what is poured: no load is larger. */
    private const LARGEST = InputLines::LARGEST_VESSEL['value'];

    private const LONGEST_KEY = InputLines::LONGEST_KEY['value'];

    /** @param array<string, Ingredient> $ingredients by slug, as they were */
    public function __construct(private array $ingredients) {}

    /** @throws InvalidDocument with the path of the first fault found */
    public function read(Node $node): Load
    {
        $load = $node->open();
        $rows = $load->get('items')->items(1, self::MOST_LINES, Say::it('batch/load-reader.things-to-measure'));
        [$pours, $pourOf] = $this->pours($rows);
        $parts = [];
        $measured = [];
        $direct = [];
        foreach ($load->get('lines')->items(1, self::MOST_LINES, 'lines') as $line) {
            $row = $line->open();
            $ingredient = $this->ingredients[$row->get('ingredient')->word(array_keys($this->ingredients), Say::it('batch/load-reader.ingredient-of-this-batch'))];
            $key = $row->get('item')->text(self::LONGEST_KEY, 1);
            $strength = $row->filled('strength');
            $parts[] = new Part($ingredient, $row->get('mL')->positive(self::LARGEST), $strength?->positive(100.0), $pourOf[$key] ?? null);
            $measured[] = $this->measured($row->get('measured'), $row->get('mL')->positive(self::LARGEST));
            if (! isset($pourOf[$key])) {
                $direct[$key] = count($parts) - 1;
            }
        }

        $items = [];
        foreach ($rows as $item) {
            $row = $item->open();
            $key = $row->get('key')->text(self::LONGEST_KEY, 1);
            $plan = $this->measured($row->get('measured'), $row->get('mL')->positive(self::LARGEST));
            $items[$key] = isset($pourOf[$key])
                ? Item::ofPour($key, $pours[$pourOf[$key]], $plan)
                : Item::ofPart($key, $parts[$direct[$key] ?? throw $row->get('key')->fault(Say::it('batch/load-reader.no-line-of-this-load'))], $plan);
        }

        return Load::remembered(new Mixture($load->get('water_mL')->countUpTo(self::LARGEST), $parts, $pours), $measured, $items);
    }

    /**
     * @param list<Node> $items
     *
     * @return array{list<StockPour>, array<string, int>} the stocks that are poured, and which of them each key is
     */
    private function pours(array $items): array
    {
        $pours = [];
        $of = [];
        foreach ($items as $item) {
            $row = $item->open();
            $stock = $row->filled('stock');
            if ($stock !== null) {
                $ml = $row->get('mL')->positive(self::LARGEST);
                $of[$row->get('key')->text(self::LONGEST_KEY, 1)] = count($pours);
                $pours[] = new StockPour($stock->text(InputLines::LONGEST_SLUG['value'], 1), $row->get('name')->text(InputLines::LONGEST_NAME['value'], 1), $ml, $row->get('g')->countUpTo(self::LARGEST) / $ml);
            }
        }

        return [$pours, $of];
    }

    private function measured(Node $node, float $wanted): ScoopPlan
    {
        return new ScoopPlan(array_map(static function (Node $scoop): Scoop {
            $row = $scoop->open();
            $unit = Unit::from($row->get('unit')->word(Unit::codes(Dimension::Volume, Dimension::Mass, Dimension::Count), Say::it('batch/load-reader.unit-here')));

            return new Scoop(
                Measure::remembered(Amount::of($row->get('amount')->positive(), $unit), $row->get('mL')->positive(self::LARGEST), $row->optional('name')?->text(InputLines::LONGEST_NAME['value']) ?? '', $row->optional('share')?->positive(1.0) ?? 1.0),
                $row->get('count')->whole(1, self::MOST_FILLS),
            );
        }, $node->open()->get('scoops')->items(1, self::MOST_SCOOPS, 'measures')), $wanted);
    }
}
