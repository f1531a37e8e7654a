<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * Ten drawn leaves, and what an eye read on them.
 *
 * @property int $id
 * @property int $seed of the drawings
 * @property string $shape
 * @property string $guesses percents, as JSON
 * @property CarbonImmutable $guessed_at
 */
final class EyeRound extends Model
{
    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['seed' => 'integer', 'guessed_at' => 'immutable_datetime'];
    }
}
