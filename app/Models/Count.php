<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * @property int $id
 * @property int $version how often it was made or changed
 * @property int $case_id
 * @property CarbonImmutable $counted_at
 * @property float $value
 * @property bool $untreated
 * @property string $notes
 * @property-read PestCase $case
 * @property CarbonImmutable|null $taken_back_at
 */
final class Count extends Correctable
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'taken_back_at' => 'immutable_datetime',
            'counted_at' => 'immutable_datetime',
            'value' => 'float',
            'untreated' => 'boolean',
        ];
    }

    /** @return BelongsTo<PestCase, $this> */
    public function case(): BelongsTo
    {
        return $this->belongsTo(PestCase::class, 'case_id');
    }
}
