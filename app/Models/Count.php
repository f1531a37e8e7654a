<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property int $case_id
 * @property CarbonImmutable $counted_at
 * @property float $value
 * @property bool $untreated
 * @property string $notes
 */
final class Count extends Model
{
    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'counted_at' => 'immutable_datetime',
            'value' => 'float',
            'untreated' => 'boolean',
        ];
    }
}
