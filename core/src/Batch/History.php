<?php

declare(strict_types=1);

namespace IdleMixer\Core\Batch;

use DateTimeImmutable;
use IdleMixer\Core\Work\Load;

/** What was done with a batch after it was started. */
final readonly class History
{
    /**
     * @param list<Tick>         $ticks
     * @param array<int, Rescue> $rescues by load, from 1
     * @param list<Glass>        $glasses earliest first
     * @param Finish|null        $finish  null while it is being mixed
     * @param list<StepDone>     $steps   without spoons
     * @param list<BottleLine>   $lines   that its plan does not know, earliest first
     * @param list<DateTimeImmutable> $mixed when each load was mixed, in their order; those that are not are not in it
     */
    public function __construct(
        public DateTimeImmutable $startedAt,
        public array $ticks,
        public array $rescues,
        public array $glasses,
        public ?Finish $finish,
        public ?DateTimeImmutable $discardedAt,
        public array $steps = [],
        /** Whether it was all sprayed, where nothing is left of it. */
        public bool $usedUp = false,
        /** Whether it is a cup for a leaf test. */
        public bool $forLeafTest = false,
        public array $lines = [],
        public array $mixed = [],
    ) {}

    /** The load as it was really taken: something else by the same spoons, where somebody said so. */
    public function taken(int $number, Load $load): Load
    {
        return array_reduce($this->linesOf($number), static fn(Load $taken, BottleLine $line): Load => $line->taken($taken), $load);
    }

    /** @return list<BottleLine> that happened while a load was mixed: what went in then is within the mark */
    public function before(int $number): array
    {
        $at = $this->mixed[$number - 1] ?? null;

        return array_values(array_filter($this->linesOf($number), static fn(BottleLine $line): bool => $at === null || $line->at <= $at));
    }

    /** @return list<BottleLine> that happened once it was mixed */
    public function since(int $number): array
    {
        $at = $this->mixed[$number - 1] ?? null;

        return array_values(array_filter($this->linesOf($number), static fn(BottleLine $line): bool => $at !== null && $line->at > $at));
    }

    /**
     * What was spilled while it was mixed is out again.
     *
     * @param bool $most whether what two devices ticked while they were apart is taken to have gone in twice
     *
     * @return array<string, float> mL that went in by the ticks, by key of the load's item
     */
    public function scooped(int $number, Load $load, bool $most = false): array
    {
        $all = array_map(static fn(): float => 0.0, $load->items);
        $spilled = array_filter($this->before($number), static fn(BottleLine $line): bool => $line->lost > 0.0);
        foreach ($this->ticks as $tick) {
            $scoop = $tick->load === $number ? $load->items[$tick->item]->measured->scoops[$tick->scoop] ?? null : null;
            if ($scoop !== null) {
                $left = array_reduce($spilled, static fn(float $of, BottleLine $line): float => $tick->at <= $line->at ? $of * (1.0 - $line->lost) : $of, 1.0);
                $all[$tick->item] += $scoop->eachTap() * $left * ($most && $tick->again !== null ? 2.0 : 1.0);
            }
        }

        return $all;
    }

    /** @return list<BottleLine> */
    private function linesOf(int $number): array
    {
        return array_values(array_filter($this->lines, static fn(BottleLine $line): bool => $line->load === $number));
    }
}
