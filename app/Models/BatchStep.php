<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * A step without spoons that was done: water, shaking, the label.
 *
 * @property int $id
 * @property int $batch_id
 * @property int $load from 1
 * @property int $number of the step within its load, from 1
 * @property CarbonImmutable $ticked_at
 */
final class BatchStep extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['load' => 'integer', 'number' => 'integer', 'ticked_at' => 'immutable_datetime'];
    }
}
