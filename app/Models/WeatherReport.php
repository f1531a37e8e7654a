<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * Hours that somebody told: at the door, or in a file.
 *
 * @property int $id
 * @property string $source door or file
 * @property string $name
 * @property string $hours as an open document
 * @property CarbonImmutable $told_at
 */
final class WeatherReport extends Kept
{
    public const DOOR = 'door';

    public const FILE = 'file';
}
