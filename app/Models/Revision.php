<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * What a record was before it was changed.
 *
 * @property int $id
 * @property string $who who wrote it down; empty where the device said nobody
 * @property string $record which kind of record
 * @property int $record_id
 * @property string $what corrected, taken-back or put-back
 * @property string $before the columns as they were, as JSON
 * @property CarbonImmutable $at
 */
final class Revision extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['record_id' => 'integer', 'at' => 'immutable_datetime'];
    }
}
