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
    ) {}

    /**
     * @param bool $most whether what two devices ticked while they were apart is taken to have gone in twice
     *
     * @return array<string, float> mL that went in by the ticks, by key of the load's item
     */
    public function scooped(int $number, Load $load, bool $most = false): array
    {
        $all = array_map(static fn(): float => 0.0, $load->items);
        foreach ($this->ticks as $tick) {
            $scoop = $tick->load === $number ? $load->items[$tick->item]->measured->scoops[$tick->scoop] ?? null : null;
            if ($scoop !== null) {
                $all[$tick->item] += $scoop->eachTap() * ($most && $tick->again !== null ? 2.0 : 1.0);
            }
        }

        return $all;
    }
}
