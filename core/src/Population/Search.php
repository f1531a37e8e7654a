<?php

declare(strict_types=1);

namespace IdleMixer\Core\Population;

use IdleMixer\Core\Data\PopulationLines;

/**
 * The fewest rounds, of one spray or of several in turn, that leave under one of all stages; of those that are as few, the ones that are through soonest, and of those what leaves
 * least. Where none ends it, what leaves least.
 *
 * Day by day, all that may be there after so many rounds is carried on. What is no better than another at any step cannot become better and is
 * left out (Bellman), as is what cannot be over by any choice of the rounds that are left. So the answer is that of all sets of days, as long
 * as fewer than `CARRIED` remain side by side; of more, those are carried that may leave least.
 */
final class Search
{
    private const CARRIED = 24;

    private readonly Backwards $backwards;

    /** @var non-empty-list<list<float>> share that lives of each step in a round, by whose turn it is */
    private readonly array $spares;

    public function __construct(Outbreak $outbreak, Guess $guess, private readonly Wanted $wanted)
    {
        $chain = new Chain($outbreak->life, exp($guess->births));
        $this->spares = array_map(static fn(Kill $kill): array => array_map(static fn(Stage $stage): float => $kill->spares($stage, exp($guess->kill)), $chain->stages), $wanted->kills());
        // What is left at the least lets each animal meet the spray that is worse for it.
        $this->backwards = new Backwards($outbreak, $guess, $chain, $wanted, array_reduce($this->spares, self::lower(...), $this->spares[0]));
    }

    /**
     * @param list<float> $one
     * @param list<float> $other
     *
     * @return list<float>
     */
    private static function lower(array $one, array $other): array
    {
        return array_map(static fn(float $a, float $b): float => min($a, $b), $one, $other);
    }

    /** @param list<float> $numbers by step, on the evening of the first day, after what was sprayed already */
    public function from(array $numbers): Programme
    {
        $numbers = array_slice($numbers, 0, count($this->spares[0]));
        $nothing = new Programme([], $this->backwards->left($numbers, $this->wanted->from, 0));
        if ($nothing->left < PopulationLines::OVER['value']) {
            return $nothing;
        }

        return $this->best($numbers, true) ?? $this->best($numbers, false) ?? $nothing;
    }

    /**
     * @param list<float> $numbers
     * @param bool        $ends    whether only what ends it counts
     */
    private function best(array $numbers, bool $ends): ?Programme
    {
        $best = null;
        $most = $this->wanted->atMost;
        // What may be there on a day on which may be sprayed, by rounds so far; and what comes to be there on later days.
        $there = [0 => [new Carried($numbers, [])]];
        $later = [];
        for ($day = $this->wanted->from; $day <= $this->wanted->until; ++$day) {
            for ($rounds = 0; $rounds < $most; ++$rounds) {
                $there[$rounds] = $this->few([...$there[$rounds] ?? [], ...$later[$rounds][$day] ?? []], $day, $most - $rounds, $ends ? PopulationLines::OVER['value'] : ($best->left ?? \INF));
                foreach ($this->wanted->allows($day) ? $there[$rounds] : [] as $one) {
                    $sprayed = $one->sprayed($this->spares[$rounds % count($this->spares)], $day);
                    $programme = new Programme($sprayed->days, $this->backwards->left($sprayed->numbers, $day, 0));
                    if ((! $ends || $programme->left < PopulationLines::OVER['value']) && $programme->isBetterThan($best, $ends)) {
                        $best = $programme;
                        $most = $ends ? count($programme->days) : $most;
                    }
                    if ($day + $this->wanted->gap <= $this->wanted->until) {
                        $later[$rounds + 1][$day + $this->wanted->gap][] = $sprayed->with($this->backwards->afterGap($sprayed->numbers, $day));
                    }
                }
                $there[$rounds] = $day < $this->wanted->until ? array_map(fn(Carried $one): Carried => $one->with($this->backwards->onwards($one->numbers, $day + 1)), $there[$rounds]) : [];
            }
        }

        return $best;
    }

    /**
     * Those that may become the best.
     *
     * @param list<Carried> $all    on the evening of a day
     * @param int           $rounds that are left
     *
     * @return list<Carried> what may leave least first
     */
    private function few(array $all, int $day, int $rounds, float $under): array
    {
        $least = [];
        foreach ($all as $i => $one) {
            $left = $this->backwards->left($one->numbers, $day, $rounds);
            if ($left < $under) {
                $least[$i] = $left;
            }
        }
        asort($least);
        $kept = [];
        foreach (array_keys($least) as $i) {
            foreach ($kept as $other) {
                if ($other->isNoMoreThan($all[$i])) {
                    continue 2;
                }
            }
            $kept[] = $all[$i];
            if (count($kept) === self::CARRIED) {
                break;
            }
        }

        return $kept;
    }
}
