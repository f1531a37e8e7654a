<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property int $batch_id
 * @property int $load
 * @property string $key of the item in the load
 * @property-read Batch $batch
 * @property-read Collection<int, BatchScoop> $scoops
 */
final class BatchItem extends Kept
{
    public $timestamps = false;

    /** @return BelongsTo<Batch, $this> */
    public function batch(): BelongsTo
    {
        return $this->belongsTo(Batch::class);
    }

    /** @return HasMany<BatchScoop, $this> */
    public function scoops(): HasMany
    {
        return $this->hasMany(BatchScoop::class)->orderBy('id');
    }
}
