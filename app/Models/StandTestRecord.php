<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A glass of a batch that stood, and what it showed.
 *
 * @property int $id
 * @property int $batch_id
 * @property CarbonImmutable $tested_at
 * @property string $result
 * @property float|null $seconds
 * @property float|null $height_mm
 * @property-read Batch|null $batch null where it was taken back
 */
final class StandTestRecord extends Kept
{
    public $timestamps = false;

    protected $table = 'stand_tests';

    /** @return BelongsTo<Batch, $this> */
    public function batch(): BelongsTo
    {
        return $this->belongsTo(Batch::class);
    }
}
