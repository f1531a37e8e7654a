<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What one spray did to one pest, best first: reckoned from its rounds, and made anew at any time.
 *
 * @property int $id
 * @property string $pest
 * @property int $rank from 1
 * @property string $family empty where nobody knows
 * @property string $slug of the recipe that it was first made by
 * @property int $judged
 * @property int $worked
 * @property string $verdict
 * @property string $name of the recipes that it was made by
 * @property float $left_log natural logarithm of the share that it is thought to leave
 * @property string $last_plant the plant that got it last
 * @property string $last_at when
 * @property string $facts all that is told of it, in figures and codes, as JSON
 */
final class WeighedSpray extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['left_log' => 'float'];
    }
}
