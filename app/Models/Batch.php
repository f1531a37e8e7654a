<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property string $submission UUID under which it was sent: its identity in every notebook
 * @property string $who who wrote it down; empty where the device said nobody
 * @property int $version how often it was made or changed
 * @property int $recipe_version_id
 * @property int|null $sprayer_id
 * @property int|null $plant_id
 * @property int|null $case_id
 * @property int|null $course_id of the many plants that it is mixed for together
 * @property int|null $stock_batch_id the jar that it was poured from
 * @property string $name of the recipe it was made by
 * @property string $document what it was started from, as its open document
 * @property string $rescues what went wrong by load and what was done about it, as JSON
 * @property string $lines what happened to it that its plan does not know, as JSON
 * @property string $mixed when each load was mixed, as JSON
 * @property string|null $made what really is in it, as JSON; null while it is being mixed
 * @property float $make_ml
 * @property string $stand_test
 * @property string $keeping
 * @property float $first_look_hours
 * @property float $fair_look_hours
 * @property int|null $repeat_days
 * @property string $notes
 * @property CarbonImmutable $started_at
 * @property CarbonImmutable|null $made_at
 * @property CarbonImmutable|null $discard_at
 * @property CarbonImmutable|null $discarded_at
 * @property bool $for_leaf_test whether it is a cup for a leaf test
 * @property bool $used_up whether it was all sprayed, where nothing is left of it
 * @property-read RecipeVersion $recipeVersion
 * @property-read Sprayer|null $sprayer
 * @property-read Plant|null $plant
 * @property-read PestCase|null $case
 * @property-read Course|null $course
 * @property-read Batch|null $jar
 * @property-read Collection<int, BatchItem> $items
 * @property-read Collection<int, BatchStep> $steps
 * @property-read Collection<int, LeafTest> $leafTests
 * @property-read Collection<int, Round> $rounds
 * @property-read Collection<int, StandTestRecord> $standTests
 * @property-read Collection<int, Run> $runs
 * @property CarbonImmutable|null $taken_back_at
 */
final class Batch extends Correctable
{
    /** @return BelongsTo<RecipeVersion, $this> */
    public function recipeVersion(): BelongsTo
    {
        return $this->belongsTo(RecipeVersion::class);
    }

    /** @return BelongsTo<Sprayer, $this> */
    public function sprayer(): BelongsTo
    {
        return $this->belongsTo(Sprayer::class);
    }

    /** @return BelongsTo<Plant, $this> */
    public function plant(): BelongsTo
    {
        return $this->belongsTo(Plant::class);
    }

    /** @return BelongsTo<PestCase, $this> */
    public function case(): BelongsTo
    {
        return $this->belongsTo(PestCase::class, 'case_id');
    }

    /** @return BelongsTo<Course, $this> */
    public function course(): BelongsTo
    {
        return $this->belongsTo(Course::class);
    }

    /** @return BelongsTo<self, $this> */
    public function jar(): BelongsTo
    {
        return $this->belongsTo(self::class, 'stock_batch_id');
    }

    /** @return HasMany<BatchItem, $this> */
    public function items(): HasMany
    {
        return $this->hasMany(BatchItem::class)->orderBy('id');
    }

    /** @return HasMany<BatchStep, $this> */
    public function steps(): HasMany
    {
        return $this->hasMany(BatchStep::class)->orderBy('load')->orderBy('number');
    }

    /** @return HasMany<LeafTest, $this> */
    public function leafTests(): HasMany
    {
        return $this->hasMany(LeafTest::class)->orderBy('id');
    }

    /** @return HasMany<Round, $this> */
    public function rounds(): HasMany
    {
        return $this->hasMany(Round::class)->orderBy('id');
    }

    /** @return HasMany<Run, $this> */
    public function runs(): HasMany
    {
        return $this->hasMany(Run::class)->orderBy('id');
    }

    /** @return HasMany<StandTestRecord, $this> */
    public function standTests(): HasMany
    {
        return $this->hasMany(StandTestRecord::class)->orderBy('id');
    }
}
