<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A plant, by its case, on a walk through the bed; with its round once it was sprayed.
 *
 * @property int $id
 * @property int $run_id
 * @property int $case_id
 * @property int $position
 * @property int|null $round_id
 * @property-read PestCase $case
 */
final class RunPlant extends Kept
{
    public $timestamps = false;

    /** @return BelongsTo<PestCase, $this> by itself, or on a course */
    public function case(): BelongsTo
    {
        return PestCase::any($this->belongsTo(PestCase::class, 'case_id'));
    }
}
