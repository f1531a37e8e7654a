<?php

declare(strict_types=1);

namespace IdleMixer\Core\Safety;

use IdleMixer\Core\Data\SafetyLines;
use IdleMixer\Core\Measure\Measure;
use IdleMixer\Core\Measure\PreDilution;
use IdleMixer\Core\Measure\ScoopPlan;
use IdleMixer\Core\Work\Item;
use IdleMixer\Core\Work\Load;

/** Says where the spoons at hand cannot hit what is wanted. What that makes of the strength is judged by its limits. */
final readonly class MeasuringJudge
{
    /**
     * @param list<Load>    $loads    distinct ones are enough
     * @param list<Measure> $measures what there is to measure with, largest first
     *
     * @return list<Verdict>
     */
    public static function verdicts(array $loads, array $measures): array
    {
        $verdicts = [];
        foreach ($loads as $load) {
            foreach ($load->items as $item) {
                if (! $item->measured->isWithinTolerance()) {
                    $verdicts[] = self::coarse($load, $item, $measures);
                }
            }
            foreach ($load->mixture->parts as $i => $part) {
                if ($part->pour !== null && ! $load->measured[$i]->isWithinTolerance()) {
                    $verdicts[] = self::carried($part->ingredient->name, $load->measured[$i], $load->mixture->pours[$part->pour]->name);
                }
            }
        }

        return self::distinct($verdicts);
    }

    /** @param list<Measure> $measures */
    private static function coarse(Load $load, Item $item, array $measures): Verdict
    {
        $plan = $item->measured;
        $error = $plan->errorPercent();
        $smallest = $measures === [] ? $plan->millilitres() : $measures[count($measures) - 1]->millilitres;
        // So much more of it that whole fills of the smallest measure hit it.
        $larger = ceil($item->millilitres() / $smallest) * $smallest / $item->millilitres();
        $thinned = self::mayBeThinned($item) ? PreDilution::of($measures, $item->millilitres(), $item->room() > 0.0 ? null : $item->part?->ingredient->density->value) : null;

        return Verdict::of(
            match (true) {
                abs($error) <= 100.0 * SafetyLines::SPOONS_OFF['value'] * (1 + Ceiling::ROUNDING) => Finding::MeasureNear,
                $plan->millilitres() >= SafetyLines::TIMES_MEANT['value'] * $plan->wanted * (1 - Ceiling::ROUNDING) => $thinned === null ? Finding::MeasureTenfold : Finding::MeasureTenfoldThinned,
                $error > 0 => $thinned === null ? Finding::MeasureOver : Finding::MeasureOverThinned,
                default => $thinned === null ? Finding::MeasureUnder : Finding::MeasureUnderThinned,
            },
            [
                'name' => $item->name(),
                'wanted' => $item->millilitres(),
                'measured' => $plan->millilitres(),
                'error' => abs($error),
                'larger' => $load->mixture->finished() * $larger / 1000.0,
                ...($thinned === null ? [] : self::thinned($thinned)),
            ],
            SafetyLines::SPOONS_OFF['source'],
        );
    }

    /** Oil does not mix with water, and an egg is whole. */
    private static function mayBeThinned(Item $item): bool
    {
        return $item->part !== null && ! $item->isOily() && $item->part->ingredient->pieceVolume === null;
    }

    /** @return array<string, float|int|string> */
    private static function thinned(PreDilution $way): array
    {
        $args = [];
        foreach (['dose' => $way->dose, 'water' => $way->water, 'use' => $way->use] as $key => $scoop) {
            $args["{$key}-count"] = $scoop->count;
            $args["{$key}-amount"] = $scoop->measure->amount->value;
            $args["{$key}-unit"] = $scoop->measure->amount->unit->value;
            $args["{$key}-name"] = $scoop->measure->name;
        }

        return $args;
    }

    /** Harmless: the stock carries it, nobody measures it by itself. */
    private static function carried(string $name, ScoopPlan $plan, string $stock): Verdict
    {
        return Verdict::of(Finding::MeasureInStock, ['name' => $name, 'wanted' => $plan->wanted, 'stock' => $stock]);
    }

    /**
     * @param list<Verdict> $verdicts
     *
     * @return list<Verdict>
     */
    private static function distinct(array $verdicts): array
    {
        $seen = [];
        foreach ($verdicts as $verdict) {
            $key = $verdict->finding->value . '/' . ($verdict->args['name'] ?? '');
            $seen[$key] = isset($seen[$key]) && ! $verdict->level->isWorseThan($seen[$key]->level) ? $seen[$key] : $verdict;
        }

        return array_values($seen);
    }
}
