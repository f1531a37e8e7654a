<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A plant that stood next to an infested one, to be looked at.
 *
 * @property int $id
 * @property int $case_id
 * @property int $plant_id
 * @property CarbonImmutable $due_at
 * @property CarbonImmutable|null $looked_at when last
 * @property CarbonImmutable|null $cleared_at
 * @property-read PestCase $case
 * @property-read Plant $plant
 */
final class Watch extends Kept
{
    public $timestamps = false;

    /** @return BelongsTo<PestCase, $this> */
    public function case(): BelongsTo
    {
        return $this->belongsTo(PestCase::class, 'case_id');
    }

    /** @return BelongsTo<Plant, $this> */
    public function plant(): BelongsTo
    {
        return $this->belongsTo(Plant::class);
    }
}
