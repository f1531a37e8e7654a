<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

use DateTimeImmutable;

/**
 * Pairs the rounds of one case with the counts around them.
 *
 * The count before is the last one up to the spraying and not before the round before it; the count after is the
 * first one from the fair look on, up to the next round. When there is only an earlier one, that is taken, and the
 * trial says that it came too early.
 */
final readonly class CaseHistory
{
    /** @var list<Sprayed> earliest first */
    private array $rounds;

    /** @var list<Counted> earliest first */
    private array $counts;

    /**
     * @param list<Sprayed> $rounds in any order
     * @param list<Counted> $counts in any order
     */
    public function __construct(array $rounds, array $counts)
    {
        usort($rounds, static fn(Sprayed $a, Sprayed $b): int => $a->at <=> $b->at);
        usort($counts, static fn(Counted $a, Counted $b): int => $a->at <=> $b->at);
        $this->rounds = $rounds;
        $this->counts = $counts;
    }

    /** @return list<Trial> one a round, earliest first */
    public function trials(): array
    {
        $trials = [];
        foreach ($this->rounds as $i => $round) {
            $trials[] = $this->trial($round, $this->rounds[$i - 1] ?? null, $this->rounds[$i + 1] ?? null);
        }

        return $trials;
    }

    private function trial(Sprayed $round, ?Sprayed $previous, ?Sprayed $next): Trial
    {
        $fair = $round->at->modify('+' . (int) round($round->fairLookHours * 60) . ' minutes');
        $after = $this->after($round, $fair, $next, false);
        $untreatedAfter = $this->after($round, $fair, $next, true);

        return new Trial(
            $round->at,
            $round->fairLookHours,
            $this->before($round, $previous, false)?->value,
            $after?->value,
            $after?->at,
            $this->before($round, $previous, true)?->value,
            $untreatedAfter !== null && $untreatedAfter->at >= $fair ? $untreatedAfter->value : null,
        );
    }

    private function before(Sprayed $round, ?Sprayed $previous, bool $untreated): ?Counted
    {
        $found = null;
        foreach ($this->counts as $count) {
            if ($count->untreated === $untreated && $count->at <= $round->at && ($previous === null || $count->at > $previous->at)) {
                $found = $count;
            }
        }

        return $found;
    }

    private function after(Sprayed $round, DateTimeImmutable $fair, ?Sprayed $next, bool $untreated): ?Counted
    {
        $early = null;
        foreach ($this->counts as $count) {
            if ($count->untreated !== $untreated || $count->at <= $round->at || ($next !== null && $count->at > $next->at)) {
                continue;
            }
            if ($count->at >= $fair) {
                return $count;
            }
            $early = $count;
        }

        return $early;
    }
}
