<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * @property int $id
 * @property int $batch_scoop_id
 * @property int $number
 * @property CarbonImmutable $ticked_at
 * @property CarbonImmutable|null $again_at when a device that was apart ticked it, too
 */
final class BatchTick extends Kept
{
    public $timestamps = false;
}
