<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * @property int $id
 * @property string $submission UUID under which it was sent: its identity in every notebook
 * @property string $who who wrote it down; empty where the device said nobody
 * @property int $version how often it was made or changed
 * @property int $leaf_test_id
 * @property CarbonImmutable $read_at
 * @property string $leaves how each leaf looked, as JSON
 * @property string $weather what it was like meanwhile, apart by blanks
 * @property string $notes
 * @property CarbonImmutable|null $taken_back_at
 */
final class LeafReading extends Correctable {}
