<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

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
final class Revision extends Kept
{
    public $timestamps = false;
}
