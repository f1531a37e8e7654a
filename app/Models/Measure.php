<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * @property int $id
 * @property string $submission UUID under which it was sent: its identity in every notebook
 * @property int $version how often it was made or changed
 * @property string $name
 * @property float $amount
 * @property string $unit
 * @property string $kind level, marked, dropper or scale
 * @property float|null $step from one mark to the next, in the unit
 * @property string $calibration how it was measured, in words
 * @property CarbonImmutable|null $retired_at
 * @property CarbonImmutable|null $taken_back_at
 */
final class Measure extends Correctable {}
