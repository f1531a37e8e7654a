<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Measure as StoredMeasure;
use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Measure\Fills;
use IdleMixer\Core\Measure\Graduation;
use IdleMixer\Core\Measure\Kit;
use IdleMixer\Core\Measure\Measure;
use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\Dimension;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Wording\Measures;
use IdleMixer\Core\Words\Say;

/** What this household measures with, by the names that it gives it: “blue spoon”, “syringe to the 7 mL mark”. */
final class HouseholdKit
{
    /** Null while no spoon was entered. */
    public static function kit(): ?Kit
    {
        $fills = [];
        $scale = null;
        foreach (StoredMeasure::query()->whereNull('retired_at')->orderBy('id')->get() as $measure) {
            $amount = Amount::of($measure->amount, Unit::from($measure->unit));
            if ($amount->unit->dimension() === Dimension::Mass) {
                $scale = $scale === null || $amount->inBase() < $scale->inBase() ? $amount : $scale;
                continue;
            }
            $marks = $measure->step === null ? [$amount] : Graduation::marks($amount, $measure->step);
            $fills[] = array_map(static fn(Amount $mark): Measure => $measure->kind === 'marked' && $amount->inBase() <= InputLines::LARGEST_DROPPER['value'] ? Measure::dropper($mark, self::name($measure, $mark)) : Measure::holding($mark, self::name($measure, $mark)), $marks);
        }
        $measures = Fills::thinned($fills);

        return $measures === [] && $scale === null ? null : ($measures === [] ? Kit::kitchen($scale) : new Kit($measures, $scale));
    }

    /** A plain spoon is called by its size, whatever its owner calls it. */
    private static function name(StoredMeasure $measure, Amount $mark): string
    {
        return match ($measure->kind) {
            'marked' => Say::it('records/household-kit.marked', ['name' => $measure->name, 'amount' => Measures::amount($mark)]),
            'dropper' => Say::it('records/household-kit.drop-of', ['name' => $measure->name]),
            default => $measure->calibration === '' ? '' : $measure->name,
        };
    }
}
