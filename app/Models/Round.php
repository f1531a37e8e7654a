<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * @property int $id
 * @property int $version how often it was made or changed
 * @property int $case_id
 * @property int $batch_id
 * @property CarbonImmutable $sprayed_at
 * @property bool $hand_work
 * @property string $notes
 * @property-read PestCase $case
 * @property-read Batch $batch
 * @property CarbonImmutable|null $taken_back_at
 */
final class Round extends Correctable
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'taken_back_at' => 'immutable_datetime',
            'sprayed_at' => 'immutable_datetime',
            'hand_work' => 'boolean',
        ];
    }

    /** @return BelongsTo<PestCase, $this> */
    public function case(): BelongsTo
    {
        return $this->belongsTo(PestCase::class, 'case_id');
    }

    /** @return BelongsTo<Batch, $this> */
    public function batch(): BelongsTo
    {
        return $this->belongsTo(Batch::class);
    }
}
