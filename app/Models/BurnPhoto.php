<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * A photograph of leaves that burnt after a round, made small and without what else the camera wrote.
 *
 * @property int $id
 * @property int $burn_id
 * @property string $picture a JPEG in base 64
 * @property CarbonImmutable $taken_at
 */
final class BurnPhoto extends Kept
{
    public $timestamps = false;
}
