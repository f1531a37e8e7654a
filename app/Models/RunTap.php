<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * A step of a walk through the bed that was done.
 *
 * @property int $id
 * @property string $who who wrote it down; empty where the device said nobody
 * @property int $run_id
 * @property string $step its key
 * @property CarbonImmutable $tapped_at
 */
final class RunTap extends Kept
{
    public $timestamps = false;
}
