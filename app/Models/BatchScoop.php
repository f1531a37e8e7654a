<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property int $batch_item_id
 * @property int $position which measure of the item, from 0
 * @property-read BatchItem $item
 * @property-read Collection<int, BatchTick> $ticks
 */
final class BatchScoop extends Kept
{
    public $timestamps = false;

    /** @return BelongsTo<BatchItem, $this> */
    public function item(): BelongsTo
    {
        return $this->belongsTo(BatchItem::class, 'batch_item_id');
    }

    /** @return HasMany<BatchTick, $this> */
    public function ticks(): HasMany
    {
        return $this->hasMany(BatchTick::class)->orderBy('id');
    }
}
