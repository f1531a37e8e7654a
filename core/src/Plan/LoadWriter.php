<?php

declare(strict_types=1);

namespace IdleMixer\Core\Plan;

use IdleMixer\Core\Mix\Item;
use IdleMixer\Core\Mix\Load;
use IdleMixer\Core\Mix\Scoop;
use IdleMixer\Core\Mix\ScoopPlan;
use IdleMixer\Core\Mix\Step;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Wording\Measures;
use IdleMixer\Core\Wording\Sentences;

/** Writes the loads of a plan: what goes into each, what is scooped for it, and its steps. */
final readonly class LoadWriter
{
    public function __construct(private Sentences $sentences) {}

    /** @return list<array<string, mixed>> */
    public function loads(Plan $plan): array
    {
        $loads = [];
        foreach ($plan->groups as $group) {
            $written = $this->load($group, $plan->request->unit);
            for ($i = 0; $i < $group->count; ++$i) {
                $loads[] = $written;
            }
        }

        return $loads;
    }

    /** @return list<string> the steps of all loads in a row; loads that are alike are said once */
    public function sentences(Plan $plan): array
    {
        $all = $plan->loadCount();
        $sentences = [];
        foreach ($plan->groups as $group) {
            $heading = $all === 1 ? '' : self::heading($group, $all) . ': ';
            foreach ($group->steps as $step) {
                $sentences[] = $heading . $this->sentences->step($step, $group->load, $plan->request->unit);
            }
        }

        return $sentences;
    }

    private static function heading(LoadGroup $group, int $all): string
    {
        $last = $group->first + $group->count - 1;

        return $group->count === 1 ? "Load {$group->first} of {$all}" : "Loads {$group->first} to {$last} of {$all}";
    }

    /** @return array<string, mixed> */
    private function load(LoadGroup $group, Unit $unit): array
    {
        $load = $group->load;

        return [
            'finished_mL' => $load->mixture->finished(),
            'water_mL' => $load->mixture->water,
            'spoken' => Measures::volume($load->mixture->finished(), $unit),
            'lines' => self::lines($load),
            'items' => array_map(self::item(...), $load->items),
            'tasks' => array_map(fn(Step $step): array => [
                'code' => $step->code,
                'item' => $step->item,
                'text' => $this->sentences->step($step, $load, $unit),
                'level_mL' => $step->levelAfter,
            ], $group->steps),
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function lines(Load $load): array
    {
        $lines = [];
        foreach ($load->mixture->parts as $i => $part) {
            $lines[] = [
                'ingredient' => $part->ingredient->slug,
                'mL' => $part->millilitres,
                'g' => $part->grams(),
                'measured' => self::measured($load->measured[$i]),
            ];
        }

        return $lines;
    }

    /** @return array<string, mixed> */
    private static function item(Item $item): array
    {
        return [
            'name' => $item->name(),
            'ingredient' => $item->part?->ingredient->slug,
            'stock' => $item->pour?->stock->slug,
            'mL' => $item->millilitres(),
            'g' => $item->grams(),
            'words' => Measures::scoops($item->measured),
            'measured' => self::measured($item->measured),
        ];
    }

    /** @return array{scoops: list<array{amount: int|float, unit: string, count: int}>, mL: float, error_percent: float} */
    private static function measured(ScoopPlan $plan): array
    {
        return [
            'scoops' => array_map(static fn(Scoop $scoop): array => [...$scoop->measure->amount->toArray(), 'count' => $scoop->count, 'mL' => $scoop->measure->millilitres, 'words' => Measures::amount($scoop->measure->amount)], $plan->scoops),
            'mL' => $plan->millilitres(),
            'error_percent' => $plan->errorPercent(),
        ];
    }
}
