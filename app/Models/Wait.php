<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A time for which nobody sprays, until somebody looks again.
 *
 * @property int $id
 * @property string $submission UUID under which it was sent: its identity in every notebook
 * @property string $who who wrote it down; empty where the device said nobody
 * @property int $version how often it was made or changed
 * @property int $case_id
 * @property CarbonImmutable $begun_at
 * @property CarbonImmutable $look_at
 * @property string $because why it was not sprayed
 * @property string|null $seen natural enemies, and how many of each, as JSON; null where nobody saw any
 * @property-read PestCase $case
 * @property CarbonImmutable|null $taken_back_at
 */
final class Wait extends Correctable
{
    /** @return BelongsTo<PestCase, $this> */
    public function case(): BelongsTo
    {
        return $this->belongsTo(PestCase::class, 'case_id');
    }
}
