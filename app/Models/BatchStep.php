<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * A step without spoons that was done: water, shaking, the label.
 *
 * @property int $id
 * @property int $batch_id
 * @property int $load from 1
 * @property int $number of the step within its load, from 1
 * @property CarbonImmutable $ticked_at
 */
final class BatchStep extends Kept
{
    public $timestamps = false;
}
