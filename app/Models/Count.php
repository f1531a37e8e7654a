<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * @property int $id
 * @property string $submission UUID under which it was sent: its identity in every notebook
 * @property string $who who wrote it down; empty where the device said nobody
 * @property int $version how often it was made or changed
 * @property int $case_id
 * @property CarbonImmutable $counted_at
 * @property float $value
 * @property bool $untreated
 * @property string $notes
 * @property string|null $each what was counted spot by spot, as JSON; null where only a total is known
 * @property string|null $stages how many of which stage, as JSON; null where nobody told them apart
 * @property string|null $new_growth clean or hit; null where nobody looked
 * @property string|null $helpers natural enemies that were seen, and how many of each, as JSON; null where nobody looked
 * @property-read PestCase $case
 * @property CarbonImmutable|null $taken_back_at
 */
final class Count extends Correctable
{
    /** @return BelongsTo<PestCase, $this> */
    public function case(): BelongsTo
    {
        return $this->belongsTo(PestCase::class, 'case_id');
    }
}
