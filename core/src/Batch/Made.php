<?php

declare(strict_types=1);

namespace IdleMixer\Core\Batch;

use IdleMixer\Core\Mix\Composition;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\WayOut\WayOut;
use IdleMixer\Core\Work\AsMade;

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
        foreach (array_keys($batch->loads) as $i) {
            $ends = self::ends($batch, $history, $i + 1);
            $weakest[] = $ends[0];
            $strongest[] = $ends[count($ends) - 1];
            foreach ($batch->load($i + 1)->items as $item) {
                $planned += $item->measured->taps();
            }
        }

        return new self(AsMade::together($weakest), AsMade::together($strongest), count($history->ticks), $planned);
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
        $load = $batch->load($number);
        $ticked = $history->scooped($number, $load);
        $rescue = $history->rescues[$number] ?? null;
        if ($rescue === null) {
            // What two devices ticked while they were apart may have gone in twice.
            return [AsMade::of($load, $ticked), AsMade::of($load, $history->scooped($number, $load, most: true))];
        }
        $before = $rescue->slips->over($ticked)->ends($load);
        $after = array_map(static fn(Mixture $end): Mixture => $rescue->after($load, $end), $before);

        return WayOut::boundsOf($batch->atHand($number), $batch->limits)->sorted($after);
    }
}
