<?php

declare(strict_types=1);

namespace App\Models;

/**
 * @property int $id
 * @property int $version how often it was made or changed
 * @property string|null $kitchen
 * @property string $by_eye mL by code, as JSON
 * @property string|null $free_days weekdays that somebody has, and when nobody is there, as JSON; null where every day is had
 * @property string|null $writes hours, days, numbers and the weather, as JSON
 */
final class Household extends Kept {}
