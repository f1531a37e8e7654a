<?php

declare(strict_types=1);

namespace IdleMixer\Core\Safety;

use IdleMixer\Core\Mix\Item;
use IdleMixer\Core\Mix\Load;
use IdleMixer\Core\Mix\ScoopPlan;

/** Says where the spoons at hand cannot hit what is wanted. */
final readonly class MeasuringJudge
{
    /** Percent off from which measuring so is a stop: our own line. */
    private const STOP_FROM = 25.0;

    /**
     * @param list<Load> $loads distinct ones are enough
     *
     * @return list<Verdict>
     */
    public static function verdicts(array $loads): array
    {
        $verdicts = [];
        foreach ($loads as $load) {
            foreach ($load->items as $item) {
                if (! $item->measured->isWithinTolerance()) {
                    $verdicts[] = self::coarse($item->name(), $item->measured, $item);
                }
            }
            foreach ($load->mixture->parts as $i => $part) {
                if ($part->pour !== null && ! $load->measured[$i]->isWithinTolerance()) {
                    $verdicts[] = self::carried($part->ingredient->name, $load->measured[$i], $load->mixture->pours[$part->pour]->stock->name);
                }
            }
        }

        return self::distinct($verdicts);
    }

    private static function coarse(string $name, ScoopPlan $plan, Item $item): Verdict
    {
        $error = $plan->errorPercent();

        return new Verdict(
            'measure-coarse',
            abs($error) >= self::STOP_FROM ? Level::Stop : Level::Caution,
            $error > 0 ? 'measure-over' : 'measure-under',
            ['name' => $name, 'wanted' => $item->millilitres(), 'measured' => $plan->millilitres(), 'error' => abs($error)],
            'house',
        );
    }

    /** Harmless: the stock carries it, nobody measures it by itself. */
    private static function carried(string $name, ScoopPlan $plan, string $stock): Verdict
    {
        return new Verdict('measure-in-stock', Level::Ok, 'measure-in-stock', ['name' => $name, 'wanted' => $plan->wanted, 'stock' => $stock], 'house');
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
            $key = $verdict->wording . '/' . ($verdict->args['name'] ?? '');
            $seen[$key] = isset($seen[$key]) && ! $verdict->level->isWorseThan($seen[$key]->level) ? $seen[$key] : $verdict;
        }

        return array_values($seen);
    }
}
