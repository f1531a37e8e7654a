<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * How a plant looks, made small by the device that took it.
 *
 * @property int $id
 * @property int $plant_id
 * @property string $picture a JPEG in base 64
 * @property CarbonImmutable $taken_at
 */
final class PlantPicture extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['taken_at' => 'immutable_datetime'];
    }
}
