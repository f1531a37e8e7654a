<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * One look at every leaf or plant of a trial.
 *
 * @property int $id
 * @property string $submission UUID under which it was sent: its identity in every notebook
 * @property int $version how often it was made or changed
 * @property int $trial_id
 * @property CarbonImmutable $counted_at
 * @property string $counts by the number on the label from 1, as a JSON list; null where one was missing
 * @property-read Trial $trial
 * @property CarbonImmutable|null $taken_back_at
 */
final class TrialLook extends Correctable
{
    /** @return BelongsTo<Trial, $this> */
    public function trial(): BelongsTo
    {
        return $this->belongsTo(Trial::class);
    }
}
