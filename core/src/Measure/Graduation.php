<?php

declare(strict_types=1);

namespace IdleMixer\Core\Measure;

use IdleMixer\Core\Data\MeasureLines;
use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\InvalidQuantity;
use IdleMixer\Core\Words\Say;

/** The marks on a syringe, jug or cylinder: only what is printed can be filled to. */
final class Graduation
{
    /** More marks than these nobody reads with wet hands: our own bound. */
    public const MOST = MeasureLines::MOST_MARKS['value'];

    /**
     * @param Amount $full what it holds up to its last mark
     * @param float  $step from one mark to the next, in the unit of the amount
     *
     * @return list<Amount> smallest first
     *
     * @throws InvalidQuantity when the step is larger than the whole, or makes more than 200 marks
     */
    public static function marks(Amount $full, float $step): array
    {
        $count = $step > 0.0 ? (int) min(floor($full->value / $step + 1e-9), self::MOST + 1.0) : 0;
        if ($count < 1 || $count > self::MOST) {
            throw InvalidQuantity::becauseOutside($step, Say::it('measure/graduation.from-one-mark-to-next'), $full->value / self::MOST, $full->value, $full->unit->value);
        }
        $marks = [];
        for ($n = 1; $n <= $count; ++$n) {
            $marks[] = Amount::of(round($n * $step, 9), $full->unit);
        }

        return $marks;
    }
}
