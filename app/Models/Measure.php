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
 * @property CarbonImmutable|null $retired_at
 */
final class Measure extends Model
{
    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'amount' => 'float',
            'retired_at' => 'immutable_datetime',
        ];
    }
}
