<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * One walk through the bed with a batch.
 *
 * @property int $id
 * @property string $submission UUID under which it was sent: its identity in every notebook
 * @property int $version how often it was made or changed
 * @property int $batch_id
 * @property bool $rinses
 * @property bool $by_hand whether it is brushed or sponged on, and not sprayed
 * @property string $weather as it was when it began, in words
 * @property string $override why it was sprayed against advice; empty where it was not
 * @property CarbonImmutable $started_at
 * @property CarbonImmutable|null $paused_at
 * @property CarbonImmutable|null $finished_at
 * @property-read Batch $batch
 * @property-read Collection<int, RunPlant> $plants
 * @property-read Collection<int, RunTap> $taps
 */
final class Run extends Kept
{
    /** @return BelongsTo<Batch, $this> taken back or not */
    public function batch(): BelongsTo
    {
        $batch = $this->belongsTo(Batch::class);
        $batch->getQuery()->withoutGlobalScopes();

        return $batch;
    }

    /** @return HasMany<RunPlant, $this> */
    public function plants(): HasMany
    {
        return $this->hasMany(RunPlant::class)->orderBy('position');
    }

    /** @return HasMany<RunTap, $this> */
    public function taps(): HasMany
    {
        return $this->hasMany(RunTap::class)->orderBy('id');
    }
}
