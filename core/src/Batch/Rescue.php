<?php

declare(strict_types=1);

namespace IdleMixer\Core\Batch;

use IdleMixer\Core\Measure\ScoopPlan;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\WayOut\Remedy;
use IdleMixer\Core\WayOut\RemedyKind;
use IdleMixer\Core\WayOut\Slips;
use IdleMixer\Core\WayOut\Tank;
use IdleMixer\Core\Work\Load;

/** What went wrong with a load, and the way out that was taken: in amounts, so that nobody has to work it out again. */
final readonly class Rescue
{
    /**
     * @param string               $said    the slips as they were sent, a JSON list
     * @param array<string, float> $add     mL added, by key of the load's item
     * @param float                $water   mL added
     * @param float                $pourOff mL poured off first
     * @param string               $words   the advice as it was given
     * @param int                  $version of the batch that it made, from 1
     */
    public function __construct(
        public Slips $slips,
        public string $said,
        public RemedyKind $kind,
        public array $add,
        public float $water,
        public float $pourOff,
        public string $title,
        public string $words,
        public int $version = 1,
    ) {}

    /**
     * @param string                               $said  the slips as they were sent, a JSON list
     * @param array{title: string, text: string} $words the advice as it is given
     */
    public static function by(Remedy $remedy, Slips $slips, string $said, array $words): self
    {
        return new self(
            $slips,
            $said,
            $remedy->kind,
            array_map(static fn(ScoopPlan $plan): float => $plan->millilitres(), $remedy->add),
            $remedy->water,
            $remedy->pourOff,
            $words['title'],
            $words['text'],
        );
    }

    /** What stands in the sprayer once it was done. */
    public function after(Load $load, Mixture $mixture): Mixture
    {
        return Tank::after($mixture, $load, $this->add, $this->water, $this->pourOff);
    }
}
