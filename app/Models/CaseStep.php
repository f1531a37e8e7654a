<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * @property int $id
 * @property int $case_id
 * @property string $step
 * @property CarbonImmutable $done_at
 */
final class CaseStep extends Kept
{
    public $timestamps = false;
}
