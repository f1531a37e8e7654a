<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasOne;

/**
 * Burn that was seen after a round.
 *
 * @property int $id
 * @property string $submission UUID under which it was sent: its identity in every notebook
 * @property string $who who wrote it down; empty where the device said nobody
 * @property int $version how often it was made or changed
 * @property int $round_id
 * @property CarbonImmutable $seen_at
 * @property float $share percent of the leaves that were worst hit
 * @property string $kinds
 * @property string $special what was special about the round
 * @property string $notes
 * @property-read Round $round
 * @property-read BurnPhoto|null $photo
 * @property CarbonImmutable|null $taken_back_at
 */
final class Burn extends Correctable
{
    /** @return BelongsTo<Round, $this> */
    public function round(): BelongsTo
    {
        return $this->belongsTo(Round::class);
    }

    /** @return HasOne<BurnPhoto, $this> when it was taken, without the picture */
    public function photo(): HasOne
    {
        $photo = $this->hasOne(BurnPhoto::class);
        $photo->getQuery()->select('id', 'burn_id', 'taken_at');

        return $photo;
    }
}
