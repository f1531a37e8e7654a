<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property int $batch_scoop_id
 * @property int $number
 * @property CarbonImmutable $ticked_at
 */
final class BatchTick extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'number' => 'integer',
            'ticked_at' => 'immutable_datetime',
        ];
    }
}
