<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use IdleMixer\Core\Bought\Bought;
use IdleMixer\Core\Bought\BoughtKind;
use IdleMixer\Core\Bought\Holds;
use IdleMixer\Core\Data\BoughtLines;
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
 * @property int|null $batch_id null where it was something bought
 * @property string|null $bought_kind
 * @property string|null $bought_name
 * @property string|null $bought_holds
 * @property CarbonImmutable $sprayed_at
 * @property bool $hand_work
 * @property bool $rinsed off within a day, by hand
 * @property string $override why it went without proof; empty where it had one
 * @property string $notes
 * @property int|null $run_id the walk through the bed that it was part of
 * @property float|null $litres that the plant got, where it is known
 * @property string $weather as it was then, in words
 * @property-read PestCase $case
 * @property-read Batch|null $batch
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

    /** What was bought or set out; null where it was mixed. */
    public function bought(): ?Bought
    {
        return $this->bought_kind === null ? null : Bought::of(BoughtKind::from($this->bought_kind), $this->bought_name ?? '', $this->bought_holds === null ? null : Holds::from($this->bought_holds));
    }

    /** @return array{bought_kind: string|null, bought_name: string|null, bought_holds: string|null} as it is kept */
    public static function told(?Bought $bought): array
    {
        return ['bought_kind' => $bought?->kind->value, 'bought_name' => $bought?->name, 'bought_holds' => $bought?->holds?->value];
    }

    /** Of the batch, or of what was bought. */
    public function name(): string
    {
        return $this->batch->name ?? $this->bought_name ?? '';
    }

    /** Of the recipe that it was mixed by; null where it was something bought. */
    public function slug(): ?string
    {
        return $this->batch?->recipeVersion->recipe->slug;
    }

    /** @return float hours to the first look that says something */
    public function firstLookHours(): float
    {
        return $this->batch->first_look_hours ?? $this->bought()?->kind->firstLookHours() ?? BoughtLines::FIRST_LOOK['value'];
    }

    /** @return float hours to the look that may judge it */
    public function fairLookHours(): float
    {
        return $this->batch->fair_look_hours ?? $this->bought()?->kind->fairLookHours() ?? BoughtLines::FAIR_LOOK['value'];
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
