<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * A photograph of a leaf of a test, made small and without what else the camera wrote.
 *
 * @property int $id
 * @property int $leaf_test_id
 * @property int $leaf number on its mark
 * @property bool $before whether it was taken before the leaf was wetted
 * @property string $picture a JPEG in base 64
 * @property CarbonImmutable $taken_at
 */
final class LeafPhoto extends Kept
{
    public $timestamps = false;
}
