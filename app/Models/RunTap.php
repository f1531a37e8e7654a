<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * A step of a walk through the bed that was done.
 *
 * @property int $id
 * @property string $who who wrote it down; empty where the device said nobody
 * @property int $run_id
 * @property string $step its key
 * @property CarbonImmutable $tapped_at
 */
final class RunTap extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['tapped_at' => 'immutable_datetime'];
    }
}
