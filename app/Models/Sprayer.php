<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Vessel\SprayerShape;

/**
 * @property int $id
 * @property string $submission UUID under which it was sent: its identity in every notebook
 * @property int $version how often it was made or changed
 * @property string $name
 * @property float $amount
 * @property string $unit
 * @property float|null $largest_fill_ml most that is sensibly filled; null is all that it holds
 * @property float $left_behind_ml what stays in the hose and below the dip tube
 * @property string $shape what it looks like; empty while nobody said
 * @property string $pours mL and mm of each mark that was poured, as JSON
 * @property CarbonImmutable|null $retired_at
 * @property CarbonImmutable|null $taken_back_at
 */
final class Sprayer extends Correctable
{
    public function amount(): Amount
    {
        return Amount::of($this->amount, Unit::from($this->unit));
    }

    /** As it was said, or as one of its size mostly is. */
    public function shape(): SprayerShape
    {
        return SprayerShape::tryFrom($this->shape) ?? SprayerShape::likely($this->amount()->volume());
    }

    /** @return list<array{mL: float, mm: float}> lowest first */
    public function poured(): array
    {
        return array_map(static function (Node $pour): array {
            [$ml, $mm] = $pour->items(2, 2, 'numbers');

            return ['mL' => $ml->positive(), 'mm' => $mm->positive()];
        }, JsonText::parse($this->pours)->items(0, 1000, 'pours'));
    }
}
