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
                if ($item->measured->thinned !== null) {
                    $verdicts[] = self::thinned($load, $item, $item->measured->thinned);
                } elseif (! $item->measured->isWithinTolerance()) {
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

        return Verdict::of(
            match (true) {
                abs($error) <= 100.0 * SafetyLines::SPOONS_OFF['value'] * (1 + Ceiling::ROUNDING) => Finding::MeasureNear,
                $plan->millilitres() >= SafetyLines::TIMES_MEANT['value'] * $plan->wanted * (1 - Ceiling::ROUNDING) => Finding::MeasureTenfold,
                $error > 0 => Finding::MeasureOver,
                default => Finding::MeasureUnder,
            },
            [
                'name' => $item->name(),
                'wanted' => $item->millilitres(),
                'measured' => $plan->millilitres(),
                'error' => abs($error),
                'limit' => 100.0 * SafetyLines::SPOONS_OFF['value'],
                'larger' => $load->mixture->finished() * $larger / 1000.0,
            ],
            SafetyLines::SPOONS_OFF['source'],
        );
    }

    /** The steps thin it: what the spoons would make of it by themselves is said, and is no matter. */
    private static function thinned(Load $load, Item $item, PreDilution $way): Verdict
    {
        $which = array_search($item->part, $load->mixture->parts, true);

        return Verdict::of(Finding::MeasureThinned, [
            'name' => $item->name(),
            'wanted' => $item->millilitres(),
            'measured' => is_int($which) ? $load->measured[$which]->millilitres() : $item->measured->millilitres(),
            'thinned' => $way->millilitres(),
        ], SafetyLines::SPOONS_OFF['source']);
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
