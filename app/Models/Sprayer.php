<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property string $name
 * @property float $amount
 * @property string $unit
 * @property float|null $largest_fill_ml most that is sensibly filled; null is all that it holds
 * @property float $left_behind_ml what stays in the hose and below the dip tube
 * @property string $pours mL and mm of each mark that was poured, as JSON
 * @property CarbonImmutable|null $retired_at
 */
final class Sprayer extends Model
{
    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'amount' => 'float',
            'largest_fill_ml' => 'float',
            'left_behind_ml' => 'float',
            'retired_at' => 'immutable_datetime',
        ];
    }
}
