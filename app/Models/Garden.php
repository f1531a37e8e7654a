<?php

declare(strict_types=1);

namespace App\Models;

/**
 * Where the garden lies, and whom it asks for the weather.
 *
 * @property int $id
 * @property int $version how often it was made or changed
 * @property float $latitude
 * @property float $longitude
 * @property string $zone
 * @property float $room_celsius
 * @property string $source
 * @property string $feed the key that the calendar is asked for with
 */
final class Garden extends Kept {}
