<?php

declare(strict_types=1);

namespace IdleMixer\Core\Writing;

use IdleMixer\Core\Measure\Scoop;
use IdleMixer\Core\Measure\ScoopPlan;
use IdleMixer\Core\Plan\LoadGroup;
use IdleMixer\Core\Plan\Plan;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Wording\Measures;
use IdleMixer\Core\Wording\Sentences;
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
     * @return array{list<array<string, mixed>>, list<string>}
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

        return $group->count === 1 ? "Load {$group->first} of {$all}" : "Loads {$group->first} to {$last} of {$all}";
    }

    /**
     * @param list<string> $texts of the steps
     *
     * @return array<string, mixed>
     */
    private static function load(LoadGroup $group, Unit $unit, array $texts): array
    {
        $load = $group->load;

        return [
            'finished_mL' => $load->mixture->finished(),
            'water_mL' => $load->mixture->water,
            'spoken' => Measures::volume($load->mixture->finished(), $unit),
            'lines' => self::lines($load),
            'items' => array_map(self::item(...), array_values($load->items)),
            'tasks' => array_map(static fn(Step $step, string $text): array => [
                'code' => $step->code,
                'item' => $step->item,
                'text' => $text,
                'level_mL' => $step->levelAfter,
            ], $group->steps, $texts),
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function lines(Load $load): array
    {
        $lines = [];
        $items = array_values($load->items);
        $direct = array_values(array_filter($items, static fn(Item $item): bool => $item->part !== null));
        $poured = array_values(array_filter($items, static fn(Item $item): bool => $item->pour !== null));
        $nth = 0;
        foreach ($load->mixture->parts as $i => $part) {
            $lines[] = [
                'ingredient' => $part->ingredient->slug,
                'mL' => $part->millilitres,
                'g' => $part->grams(),
                'strength' => $part->strength,
                'item' => ($part->pour === null ? $direct[$nth++] : $poured[$part->pour])->key,
                'measured' => self::measured($load->measured[$i]),
            ];
        }

        return $lines;
    }

    /** @return array<string, mixed> */
    private static function item(Item $item): array
    {
        return [
            'key' => $item->key,
            'name' => $item->name(),
            'ingredient' => $item->part?->ingredient->slug,
            'stock' => $item->pour?->slug,
            'mL' => $item->millilitres(),
            'g' => $item->grams(),
            'words' => Measures::scoops($item->measured),
            'measured' => self::measured($item->measured),
        ];
    }

    /** @return array{scoops: list<array<string, int|float|string>>, mL: float, error_percent: float} */
    private static function measured(ScoopPlan $plan): array
    {
        return [
            'scoops' => array_map(static fn(Scoop $scoop): array => [
                ...$scoop->measure->amount->toArray(),
                'count' => $scoop->count,
                'mL' => $scoop->measure->millilitres,
                'name' => $scoop->measure->name,
                'words' => Measures::measure($scoop->measure),
            ], $plan->scoops),
            'mL' => $plan->millilitres(),
            'error_percent' => $plan->errorPercent(),
        ];
    }
}
