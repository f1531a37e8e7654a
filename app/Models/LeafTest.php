<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property int $version how often it was made or changed
 * @property int $batch_id
 * @property int $plant_id
 * @property int $leaves
 * @property int $wait_hours
 * @property CarbonImmutable $applied_at
 * @property-read Batch $batch
 * @property-read Plant $plant
 * @property-read Collection<int, LeafReading> $readings
 * @property CarbonImmutable|null $taken_back_at
 */
final class LeafTest extends Correctable
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'taken_back_at' => 'immutable_datetime',
            'leaves' => 'integer',
            'wait_hours' => 'integer',
            'applied_at' => 'immutable_datetime',
        ];
    }

    /** @return BelongsTo<Batch, $this> */
    public function batch(): BelongsTo
    {
        return $this->belongsTo(Batch::class);
    }

    /** @return BelongsTo<Plant, $this> */
    public function plant(): BelongsTo
    {
        return $this->belongsTo(Plant::class);
    }

    /** @return HasMany<LeafReading, $this> */
    public function readings(): HasMany
    {
        return $this->hasMany(LeafReading::class)->orderBy('id');
    }
}
