<?php

declare(strict_types=1);

namespace IdleMixer\Core\WayOut;

use IdleMixer\Core\Data\VesselLines;
use IdleMixer\Core\Measure\ScoopPlan;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Work\Load;

/** How near to what was planned a mixture is. */
final readonly class AgainstPlan
{
    /** Share of the planned strength down to which a spray counts as made: our own choice. */
    public const WEAKEST = VesselLines::MADE_FROM['value'];

    /** And up to which, where the limits allow it. */
    public const STRONGEST = VesselLines::MADE_TO['value'];

    /** @var array<string, float> percent that was planned of each thing that is in it */
    private array $planned;

    public function __construct(Load $load)
    {
        $this->planned = Strengths::of($load->mixture)->groups();
    }

    /** @return array<string, float> how many times the planned strength of each thing it is */
    public function ratios(Mixture $made): array
    {
        $percents = Strengths::of($made)->groups();
        $ratios = [];
        foreach ($this->planned as $what => $planned) {
            $ratios[$what] = ($percents[$what] ?? 0.0) / $planned;
        }

        return $ratios;
    }

    public function isNear(Mixture $made): bool
    {
        $ratios = $this->ratios($made);

        return $ratios === [] || (min($ratios) >= self::WEAKEST && max($ratios) <= self::STRONGEST);
    }

    /**
     * How many times the planned strength it is at the most, of what it has too much of; 1 where spoons are off no more than always.
     *
     * @param non-empty-list<Mixture> $ends
     */
    public function over(array $ends): float
    {
        $most = 0.0;
        foreach ($ends as $end) {
            $most = max($most, ...array_values($this->ratios($end)));
        }

        return $most > 1.0 + ScoopPlan::TOLERANCE ? $most : 1.0;
    }
}
