<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use IdleMixer\Core\Leaf\Burn as Burnt;
use IdleMixer\Core\Run\RunStepKind;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property string $submission UUID under which it was sent: its identity in every notebook
 * @property string $who who wrote it down; empty where the device said nobody
 * @property int $version how often it was made or changed
 * @property int $case_id
 * @property int $batch_id
 * @property CarbonImmutable $sprayed_at
 * @property bool $hand_work
 * @property bool $rinsed off within a day, by hand
 * @property string $override why it went without proof; empty where it had one
 * @property string $notes
 * @property int|null $run_id the walk through the bed that it was part of
 * @property float|null $litres that the plant got, where it is known
 * @property string $weather as it was then, in words
 * @property-read PestCase $case
 * @property-read Batch $batch
 * @property-read Run|null $run
 * @property-read Collection<int, Burn> $burns
 * @property CarbonImmutable|null $taken_back_at
 */
final class Round extends Correctable
{
    /** @return BelongsTo<PestCase, $this> by itself, or on a course */
    public function case(): BelongsTo
    {
        return PestCase::any($this->belongsTo(PestCase::class, 'case_id'));
    }

    /** @return BelongsTo<Batch, $this> taken back or not */
    public function batch(): BelongsTo
    {
        $batch = $this->belongsTo(Batch::class);
        $batch->getQuery()->withoutGlobalScopes();

        return $batch;
    }

    /** @return BelongsTo<Run, $this> */
    public function run(): BelongsTo
    {
        return $this->belongsTo(Run::class);
    }

    /** @return HasMany<Burn, $this> */
    public function burns(): HasMany
    {
        return $this->hasMany(Burn::class)->orderBy('id');
    }

    /** Off within a day, by hand: it was said, or it was a step of its walk. */
    public function wasRinsed(): bool
    {
        return $this->rinsed || $this->run?->taps->contains('step', RunStepKind::Rinse->value) === true;
    }

    /** Whether somebody saw leaves that it burnt, and not only marked. */
    public function hasBurnt(): bool
    {
        return $this->burns->contains(static fn(Burn $burn): bool => Burnt::is($burn->share));
    }
}
