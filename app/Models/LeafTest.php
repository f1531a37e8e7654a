<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property string $submission UUID under which it was sent: its identity in every notebook
 * @property int $version how often it was made or changed
 * @property int $batch_id
 * @property int $plant_id
 * @property int $leaves at each strength
 * @property string $rungs strengths by the batch, apart by blanks
 * @property bool $controls whether one leaf got water and one nothing
 * @property string $shape of the drawn leaf
 * @property string $marks where the leaves are
 * @property int $wait_hours
 * @property CarbonImmutable $applied_at
 * @property-read Batch $batch
 * @property-read Plant $plant
 * @property-read Collection<int, LeafReading> $readings
 * @property-read Collection<int, LeafPhoto> $photos
 * @property CarbonImmutable|null $taken_back_at
 */
final class LeafTest extends Correctable
{
    /** @return BelongsTo<Batch, $this> taken back or not */
    public function batch(): BelongsTo
    {
        $batch = $this->belongsTo(Batch::class);
        $batch->getQuery()->withoutGlobalScopes();

        return $batch;
    }

    /** @return BelongsTo<Plant, $this> taken back or not */
    public function plant(): BelongsTo
    {
        $plant = $this->belongsTo(Plant::class);
        $plant->getQuery()->withoutGlobalScopes();

        return $plant;
    }

    /** @return HasMany<LeafReading, $this> */
    public function readings(): HasMany
    {
        return $this->hasMany(LeafReading::class)->orderBy('id');
    }

    /** @return HasMany<LeafPhoto, $this> */
    public function photos(): HasMany
    {
        return $this->hasMany(LeafPhoto::class)->orderBy('leaf')->orderBy('before');
    }
}
