<?php

declare(strict_types=1);

namespace IdleMixer\Core\Row;

use IdleMixer\Core\Weather\Window;

/** A plant as one strip of time: what was done and seen, now, the hours to come, what it asks for, what ends. */
final readonly class Row
{
    /**
     * @param list<Mark>     $marks before now, earliest first
     * @param list<ActAhead> $acts  earliest first; what is overdue, or further off, is there with its own time
     * @param list<Window>   $hours after now, good or workable, earliest first
     * @param list<Ending>   $ends  after now, earliest first
     * @param bool           $rests whether it rests now because its leaves were burnt
     * @param bool           $apart whether it stands apart from the others now
     */
    private function __construct(public Span $span, public array $marks, public array $acts, public array $hours, public array $ends, public bool $rests, public bool $apart) {}

    /**
     * @param list<Mark>     $marks in any order; what lies outside of the span is left out, as are hours and ends
     * @param list<ActAhead> $acts
     * @param list<Window>   $hours
     * @param list<Ending>   $ends
     * @param bool           $rests whether it rests now because its leaves were burnt
     * @param bool           $apart whether it stands apart from the others now
     */
    public static function of(Span $span, array $marks, array $acts, array $hours, array $ends, bool $rests = false, bool $apart = false): self
    {
        $past = array_values(array_filter($marks, static fn(Mark $one): bool => $span->holds($one->at) && $one->at <= $span->now));
        usort($past, static fn(Mark $a, Mark $b): int => $a->at <=> $b->at);
        usort($acts, static fn(ActAhead $a, ActAhead $b): int => $a->at <=> $b->at);
        $over = array_values(array_filter($ends, static fn(Ending $one): bool => $one->at > $span->now && $one->at <= $span->until));
        usort($over, static fn(Ending $a, Ending $b): int => $a->at <=> $b->at);
        [$now, $until] = [$span->now->getTimestamp(), $span->until->getTimestamp()];
        $open = [];
        foreach ($hours as $window) {
            [$from, $to] = [max($window->from, $now), min($window->to, $until)];
            if ($from < $to) {
                $open[] = new Window($from, $to, $window->verdict, $window->reason, $window->darkAt);
            }
        }

        return new self($span, $past, $acts, $open, $over, $rests, $apart);
    }

    /** @return list<Mark> */
    public function marks(MarkKind $kind, ?int $case = null): array
    {
        return array_values(array_filter($this->marks, static fn(Mark $one): bool => $one->kind === $kind && ($case === null || $one->case === $case)));
    }

    /** What it asks for first; null where it asks for nothing. */
    public function next(): ?ActAhead
    {
        return $this->acts[0] ?? null;
    }

    /** Whether it is due already. */
    public function isDue(ActAhead $act): bool
    {
        return $act->at <= $this->span->now;
    }

    /** When the first of the hours to come begins, that are good if any are; null where none is known. */
    public function hours(): ?Window
    {
        $best = $this->hours;
        usort($best, static fn(Window $a, Window $b): int => [$a->verdict->rank(), $a->from] <=> [$b->verdict->rank(), $b->from]);

        return $best[0] ?? null;
    }
}
