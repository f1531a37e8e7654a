<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Measure;
use IdleMixer\Core\Measure\Fills;
use IdleMixer\Core\Measure\Graduation;
use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\Dimension;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Wording\Measures;

/** What a fill is called in this household: “blue spoon”, “syringe to the 7 mL mark”. */
final readonly class MeasureNames
{
    /**
     * @param array<string, string> $names by amount and unit
     * @param list<list<Amount>>    $fills of each measure
     * @param Amount|null           $scale one step of the finest scale
     */
    private function __construct(private array $names, private array $fills, public ?Amount $scale) {}

    public static function ofHousehold(): self
    {
        $names = [];
        $fills = [];
        $scale = null;
        foreach (Measure::query()->whereNull('retired_at')->orderBy('id')->get() as $measure) {
            $amount = Amount::of($measure->amount, Unit::from($measure->unit));
            if ($amount->unit->dimension() === Dimension::Mass) {
                $scale = $scale === null || $amount->inBase() < $scale->inBase() ? $amount : $scale;

                continue;
            }
            $marks = $measure->step === null ? [$amount] : Graduation::marks($amount, $measure->step);
            $fills[] = $marks;
            foreach ($marks as $mark) {
                $names[self::key($mark)] ??= self::name($measure, $mark);
            }
        }

        return new self($names, $fills, $scale);
    }

    public function of(Amount $amount): string
    {
        return $this->names[self::key($amount)] ?? Measures::amount($amount);
    }

    /** @return list<Amount> what a plan is asked for with */
    public function kit(): array
    {
        return $this->fills === [] ? [] : Fills::fills($this->fills);
    }

    /** A plain spoon is called by its size, whatever its owner calls it. */
    private static function name(Measure $measure, Amount $mark): string
    {
        return match ($measure->kind) {
            'marked' => "{$measure->name} to the " . Measures::amount($mark) . ' mark',
            'dropper' => "drop of {$measure->name}",
            default => $measure->calibration === '' ? Measures::amount($mark) : $measure->name,
        };
    }

    private static function key(Amount $amount): string
    {
        return "{$amount->value} {$amount->unit->value}";
    }
}
