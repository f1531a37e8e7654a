<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * What a round, or a programme that is judged as one, comes to: reckoned from what stands elsewhere, and made anew at any time.
 *
 * @property int $id
 * @property int $case_id
 * @property string $pest
 * @property int $round_id the last, of a programme
 * @property int|null $batch_id null where it was something bought
 * @property string|null $bought how that is known again
 * @property CarbonImmutable $sprayed_at
 * @property string $outcome
 * @property string|null $formula
 * @property float|null $reduction
 * @property float|null $kept_log
 * @property float|null $kept_chance
 * @property float|null $kept_leaves
 * @property float $days
 * @property float|null $alone
 * @property int $rounds
 * @property bool $hand_work
 * @property bool $unproven
 * @property bool $burnt
 * @property float|null $litres
 * @property float|null $minutes
 * @property string $facts what else was known of it, as JSON
 */
final class WeighedRound extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['sprayed_at' => 'immutable_datetime', 'hand_work' => 'boolean', 'unproven' => 'boolean', 'burnt' => 'boolean', 'reduction' => 'float', 'kept_log' => 'float', 'kept_chance' => 'float', 'kept_leaves' => 'float', 'days' => 'float', 'alone' => 'float', 'litres' => 'float', 'minutes' => 'float'];
    }
}
