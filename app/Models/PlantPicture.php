<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * How a plant looks, made small by the device that took it.
 *
 * @property int $id
 * @property int $plant_id
 * @property string $picture a JPEG in base 64
 * @property CarbonImmutable $taken_at
 */
final class PlantPicture extends Kept
{
    public $timestamps = false;
}
