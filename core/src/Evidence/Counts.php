<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

use DateTimeImmutable;
use IdleMixer\Core\Data\EvidenceLines;

/** The counts of one case in the order in which they were made: of the treated plant, and of one that was left alone. */
final readonly class Counts
{
    /** @var list<Counted> */
    private array $treated;

    /** @var list<Counted> */
    private array $untreated;

    /** @param list<Counted> $counts in any order */
    public function __construct(array $counts)
    {
        usort($counts, static fn(Counted $a, Counted $b): int => $a->at <=> $b->at);
        $this->treated = array_values(array_filter($counts, static fn(Counted $count): bool => ! $count->untreated));
        $this->untreated = array_values(array_filter($counts, static fn(Counted $count): bool => $count->untreated));
    }

    /** @param DateTimeImmutable|null $after later than this, where there was a round before */
    public function lastBetween(DateTimeImmutable $from, DateTimeImmutable $to, ?DateTimeImmutable $after): ?Counted
    {
        $found = null;
        foreach ($this->treated as $count) {
            if ($count->at >= $from && $count->at <= $to && ($after === null || $count->at > $after)) {
                $found = $count;
            }
        }

        return $found;
    }

    public function firstBetween(DateTimeImmutable $from, DateTimeImmutable $to): ?Counted
    {
        foreach ($this->treated as $count) {
            if ($count->at >= $from && $count->at <= $to) {
                return $count;
            }
        }

        return null;
    }

    /** The last one after a spraying that is not yet fair. */
    public function lastWithin(DateTimeImmutable $sprayed, DateTimeImmutable $fair, DateTimeImmutable $until): ?Counted
    {
        $found = null;
        foreach ($this->treated as $count) {
            if ($count->at > $sprayed && $count->at < $fair && $count->at <= $until) {
                $found = $count;
            }
        }

        return $found;
    }

    /** The most that was counted after a count, up to then; 0 where nothing was. */
    public function mostBetween(DateTimeImmutable $after, DateTimeImmutable $until): float
    {
        $most = 0.0;
        foreach ($this->treated as $count) {
            if ($count->at > $after && $count->at <= $until) {
                $most = max($most, $count->value);
            }
        }

        return $most;
    }

    /**
     * What was counted nearest to it on the plant left alone; null where that is too far off.
     *
     * @param Counted|null           $earlierThan the partner of the count after: the one before was made before that
     * @param DateTimeImmutable|null $since       the spraying: what was counted before it is no count after it
     */
    public function partnerOf(Counted $count, ?Counted $earlierThan = null, ?DateTimeImmutable $since = null): ?Counted
    {
        $nearest = null;
        $least = EvidenceLines::PARTNERS_WITHIN['value'] * 3600.0;
        foreach ($this->untreated as $other) {
            $apart = abs($other->at->getTimestamp() - $count->at->getTimestamp());
            if ($apart <= $least && ($earlierThan === null || $other->at < $earlierThan->at) && ($since === null || $other->at > $since)) {
                $nearest = $other;
                $least = $apart;
            }
        }

        return $nearest;
    }
}
