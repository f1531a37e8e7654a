<?php

declare(strict_types=1);

namespace IdleMixer\Core\Batch;

use IdleMixer\Core\Mix\Composition;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\WayOut\WayOut;
use IdleMixer\Core\Work\AsMade;
use IdleMixer\Core\Work\Load;

/** What really is in the bottle, from what was ticked off and what went wrong. */
final readonly class Made
{
    private function __construct(
        /** At the weakest and at the strongest that it may be; the same where nothing is unsure. */
        public Mixture $weakest,
        public Mixture $strongest,
        public int $ticked,
        public int $planned,
    ) {}

    public static function of(BatchRecord $batch, History $history): self
    {
        $weakest = [];
        $strongest = [];
        $planned = 0;
        // Where nobody said how many loads are mixed, all are.
        $loads = $history->mixed === [] ? count($batch->loads) : count($history->mixed);
        for ($number = 1; $number <= $loads; ++$number) {
            $ends = self::ends($batch, $history, $number);
            $weakest[] = $ends[0];
            $strongest[] = $ends[count($ends) - 1];
            foreach ($batch->load($number)->items as $item) {
                $planned += $item->measured->taps();
            }
        }
        $ticked = count(array_filter($history->ticks, static fn(Tick $tick): bool => $tick->load <= $loads));

        return new self(AsMade::together($weakest), AsMade::together($strongest), $ticked, $planned);
    }

    public function composition(): Composition
    {
        return Composition::of([$this->weakest, $this->strongest]);
    }

    public function strengths(): Strengths
    {
        return Strengths::of($this->strongest);
    }

    /** @return non-empty-list<Mixture> what may stand in the sprayer after a load, weakest first */
    private static function ends(BatchRecord $batch, History $history, int $number): array
    {
        $load = $history->taken($number, $batch->load($number));
        $since = static fn(Mixture $end): Mixture => array_reduce($history->since($number), static fn(Mixture $all, BottleLine $line): Mixture => $line->after($all, $load), $end);
        $ends = array_map($since, self::mixed($batch, $load, $history, $number));

        return isset($history->rescues[$number]) ? WayOut::boundsOf($batch->atHand($number), $batch->limits)->sorted($ends) : $ends;
    }

    /** @return non-empty-list<Mixture> what stood there once it was mixed */
    private static function mixed(BatchRecord $batch, Load $load, History $history, int $number): array
    {
        $ticked = $history->scooped($number, $load);
        $rescue = $history->rescues[$number] ?? null;
        $filled = static fn(Mixture $end): Mixture => array_reduce($history->before($number), static fn(Mixture $all, BottleLine $line): Mixture => $rescue === null ? $line->before($all, $load) : $line->after($all, $load), $end);
        if ($rescue === null) {
            // What two devices ticked while they were apart may have gone in twice.
            return array_map($filled, [AsMade::of($load, $ticked), AsMade::of($load, $history->scooped($number, $load, most: true))]);
        }

        return array_map(static fn(Mixture $end): Mixture => $filled($rescue->after($load, $end)), $rescue->slips->over($ticked)->ends($load));
    }
}
