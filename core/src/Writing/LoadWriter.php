<?php

declare(strict_types=1);

namespace IdleMixer\Core\Writing;

use IdleMixer\Core\Measure\ScoopPlan;
use IdleMixer\Core\Plan\LoadGroup;
use IdleMixer\Core\Plan\Plan;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Wording\Measures;
use IdleMixer\Core\Wording\Sentences;
use IdleMixer\Core\Words\Say;
use IdleMixer\Core\Work\Item;
use IdleMixer\Core\Work\Load;
use IdleMixer\Core\Work\Step;

/** Writes the loads of a plan: what goes into each, what is scooped for it, and its steps. */
final readonly class LoadWriter
{
    public function __construct(private Sentences $sentences) {}

    /**
     * The loads one by one, and the steps of all of them in a row; loads that are alike are said once.
     *
     * @return array{list<WrittenLoad>, list<string>}
     */
    public function write(Plan $plan): array
    {
        $all = $plan->loadCount();
        $loads = [];
        $sentences = [];
        foreach ($plan->groups as $group) {
            // Put into words once, said in two places.
            $texts = array_map(fn(Step $step): string => $this->sentences->step($step, $group->load, $plan->bench->unit), $group->steps);
            array_push($loads, ...array_fill(0, $group->count, self::load($group, $plan->bench->unit, $texts)));
            $heading = $all === 1 ? '' : self::heading($group, $all) . ': ';
            foreach ($texts as $text) {
                $sentences[] = $heading . $text;
            }
        }

        return [$loads, $sentences];
    }

    private static function heading(LoadGroup $group, int $all): string
    {
        $last = $group->first + $group->count - 1;

        return $group->count === 1 ? Say::it('writing/load-writer.load-of', ['first' => $group->first, 'all' => $all]) : Say::it('writing/load-writer.loads-to-of', ['first' => $group->first, 'last' => $last, 'all' => $all]);
    }

    /** @param list<string> $texts of the steps */
    private static function load(LoadGroup $group, Unit $unit, array $texts): WrittenLoad
    {
        $load = $group->load;
        $measured = array_map(self::measured(...), $load->measured);

        return new WrittenLoad(
            $load->mixture->finished(),
            $load->mixture->water,
            Measures::volume($load->mixture->finished(), $unit),
            self::lines($load, $measured),
            self::items($load, $measured),
            array_map(static fn(Step $step, string $text): WrittenTask => new WrittenTask($step->code->value, $step->item, $text, $step->levelAfter), $group->steps, $texts),
        );
    }

    /**
     * @param list<WrittenMeasured> $measured one for each part
     *
     * @return list<WrittenLoadLine>
     */
    private static function lines(Load $load, array $measured): array
    {
        $items = array_values($load->items);
        $direct = array_values(array_filter($items, static fn(Item $item): bool => $item->part !== null));
        $poured = array_values(array_filter($items, static fn(Item $item): bool => $item->pour !== null));
        $nth = 0;
        $lines = [];
        foreach ($load->mixture->parts as $i => $part) {
            $item = $part->pour === null ? $direct[$nth++] : $poured[$part->pour];
            $lines[] = new WrittenLoadLine($part->ingredient->slug, $part->millilitres, $part->grams(), $part->strength, $item->key, $measured[$i]);
        }

        return $lines;
    }

    /**
     * @param list<WrittenMeasured> $measured one for each part
     *
     * @return list<WrittenItem>
     */
    private static function items(Load $load, array $measured): array
    {
        $items = [];
        foreach ($load->items as $item) {
            // A line that goes in by itself is measured as the line is: put into words once.
            $line = array_search($item->measured, $load->measured, true);
            $items[] = new WrittenItem(
                $item->key,
                self::named($item),
                $item->part?->ingredient->slug,
                $item->pour?->slug,
                $item->millilitres(),
                $item->grams(),
                Measures::scoops($item->measured),
                $line === false ? self::measured($item->measured) : $measured[$line],
            );
        }

        return $items;
    }

    private static function measured(ScoopPlan $plan): WrittenMeasured
    {
        $scoops = [];
        foreach ($plan->scoops as $scoop) {
            ['amount' => $amount, 'unit' => $unit] = $scoop->measure->amount->toArray();
            $scoops[] = new WrittenScoop($amount, $unit, $scoop->count, $scoop->measure->millilitres, $scoop->measure->name, Measures::measure($scoop->measure), $scoop->measure->share);
        }

        return new WrittenMeasured($scoops, $plan->millilitres(), $plan->errorPercent());
    }

    /** Eggs are counted, and spoken of in the plural. */
    private static function named(Item $item): string
    {
        return $item->part?->ingredient->pieceVolume !== null && $item->measured->count() > 1 ? "{$item->name()}s" : $item->name();
    }
}
