<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

/**
 * Pairs the rounds of one case with the counts around them.
 *
 * The count before is the last one of the three days up to the spraying, not before the round before it; the count after is
 * the first one from the fair look on (a little early still counts), within a week of it and before the next round; those of
 * a plant left alone lie within two days of their partners, that of the count after later than the spraying. Where the rounds
 * come closer than the fair look, the programme is judged, from before its first round to the fair look after its last, and
 * each round is only a step of it.
 */
final readonly class CaseHistory
{
    /** @var list<Sprayed> earliest first */
    private array $rounds;

    private Counts $counts;

    /**
     * @param list<Sprayed> $rounds in any order
     * @param list<Counted> $counts in any order
     */
    public function __construct(array $rounds, array $counts)
    {
        usort($rounds, static fn(Sprayed $a, Sprayed $b): int => $a->at <=> $b->at);
        $this->rounds = $rounds;
        $this->counts = new Counts($counts);
    }

    /** @return list<Trial> one a round, earliest first */
    public function trials(): array
    {
        $trials = [];
        foreach ($this->programmes() as $rounds) {
            foreach ($rounds as $i) {
                $trials[] = $this->trial($i, $i, count($rounds) > 1);
            }
        }

        return $trials;
    }

    /** @return list<Judgement> what is judged as one, earliest first */
    public function judgements(): array
    {
        return array_map(function (array $rounds): Judgement {
            $sprays = array_unique(array_map(fn(int $i): string => $this->rounds[$i]->spray, $rounds));

            return new Judgement($rounds, $this->trial($rounds[0], $rounds[count($rounds) - 1], false), count($sprays) === 1);
        }, $this->programmes());
    }

    /** @return list<non-empty-list<int>> rounds that belong together, by their places */
    private function programmes(): array
    {
        $all = [];
        foreach ($this->rounds as $i => $round) {
            $last = array_key_last($all);
            if ($last !== null && $this->rounds[$i - 1]->fairFrom() > $round->at) {
                $all[$last][] = $i;
            } else {
                $all[] = [$i];
            }
        }

        return $all;
    }

    private function trial(int $first, int $last, bool $step): Trial
    {
        $begin = $this->rounds[$first];
        $end = $this->rounds[$last];
        $next = $this->rounds[$last + 1] ?? null;
        $until = $next === null || $end->countUntil() < $next->at ? $end->countUntil() : $next->at;
        $previous = $this->rounds[$first - 1] ?? null;
        $sinceRound = $previous !== null && $begin->countSince() <= $previous->at;
        $before = $this->counts->lastBetween($sinceRound ? $previous->at : $begin->countSince(), $begin->at, $previous?->at);
        $after = $this->counts->firstBetween($end->countFrom(), $until);
        $early = $after === null ? $this->counts->lastWithin($end->at, $end->countFrom(), $until) : null;
        $seen = $after ?? $early;
        $partner = $seen === null ? null : $this->counts->partnerOf($seen, since: $end->at);

        return new Trial(
            $begin->at,
            $end,
            $last - $first + 1,
            $before,
            $seen,
            $before === null ? null : $this->counts->partnerOf($before, $partner),
            $partner,
            $after === null ? 0.0 : $this->counts->mostBetween($after->at, $until),
            $step,
            $sinceRound ? null : $begin->beforeWithin(),
        );
    }
}
