<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
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
final class BatchItem extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'load' => 'integer',
        ];
    }

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
