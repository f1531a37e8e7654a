<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

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
final class LeafPhoto extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['leaf' => 'integer', 'before' => 'boolean', 'taken_at' => 'immutable_datetime'];
    }
}
