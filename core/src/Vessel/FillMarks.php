<?php

declare(strict_types=1);

namespace IdleMixer\Core\Vessel;

use IdleMixer\Core\Data\VesselLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Words\Say;

/**
 * How high the water stands in a sprayer, from known volumes poured into it one after the other.
 *
 * Between two poured heights the wall is taken as straight; above the last there is no mark.
 */
final readonly class FillMarks
{
    /** Sizes from one mark to the next that people read, in the unit spoken of. */
    private const STEPS = VesselLines::MARK_STEPS['value'];

    private const MOST_MARKS = VesselLines::MOST_MARKS['value'];

    /** @param list<array{float, float}> $pours mL in all and mm above the bottom, rising */
    private function __construct(private array $pours) {}

    /**
     * @param list<array{float, float}> $pours mL in all and mm above the bottom
     *
     * @throws InvalidDocument when one is not above the one before in both
     */
    public static function of(array $pours): self
    {
        $last = [0.0, 0.0];
        foreach ($pours as $i => $pour) {
            if ($pour[0] <= $last[0] || $pour[1] <= $last[1]) {
                throw InvalidDocument::because("/pours/{$i}", Say::it('vessel/fill-marks.each-pour-must-bring-more'), null);
            }
            $last = $pour;
        }

        return new self($pours);
    }

    /** mm above the bottom at which so many mL stand; null above the last pour, or when nothing was poured. */
    public function heightOf(float $millilitres): ?float
    {
        $from = [0.0, 0.0];
        foreach ($this->pours as $pour) {
            if ($millilitres <= $pour[0] * (1 + 1e-9)) {
                return $from[1] + ($pour[1] - $from[1]) * ($millilitres - $from[0]) / ($pour[0] - $from[0]);
            }
            $from = $pour;
        }

        return null;
    }

    /**
     * The marks of a strip to stick beside it.
     *
     * @return list<array{amount: Amount, mm: float}> lowest first
     */
    public function marks(Unit $unit): array
    {
        if ($this->pours === []) {
            return [];
        }
        $top = $this->pours[count($this->pours) - 1][0] / $unit->factor();
        $step = self::STEPS[count(self::STEPS) - 1];
        foreach (array_reverse(self::STEPS) as $one) {
            $step = $top / $one <= self::MOST_MARKS ? $one : $step;
        }
        $marks = [];
        for ($n = 1; $n * $step <= $top * (1 + 1e-9); ++$n) {
            $amount = Amount::of(round($n * $step, 9), $unit);
            $marks[] = ['amount' => $amount, 'mm' => $this->heightOf($amount->inBase()) ?? 0.0];
        }

        return $marks;
    }
}
