<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\Relation;

/**
 * @property int $id
 * @property string $submission UUID under which it was sent: its identity in every notebook
 * @property int $version how often it was made or changed
 * @property int $plant_id
 * @property string $pest
 * @property CarbonImmutable $opened_at
 * @property CarbonImmutable|null $closed_at
 * @property string $conclusion
 * @property string $notes
 * @property string|null $situation
 * @property string $spots where its counts are made, in the words of who counts
 * @property int|null $every_days that the gardener wants between rounds; null where they come as the school has it
 * @property string|null $turns what the gardener chose to take in turn, slugs as JSON; null where it goes on as it was begun
 * @property CarbonImmutable|null $turns_chosen_at
 * @property string|null $round_dates days that the gardener chose for its rounds, apart by blanks; null where they come as the school has it
 * @property CarbonImmutable|null $dates_chosen_at when they were chosen
 * @property CarbonImmutable|null $bud_break_on
 * @property CarbonImmutable|null $due_at what it asks for next, before weather and moves; null where nothing, or not reckoned yet
 * @property string|null $pressure how bad it is, as it was weighed last
 * @property int|null $round_days between rounds of what was sprayed last, by how bad it is; null where there is no next one
 * @property int|null $course_id of which it is one plant; null where it stands by itself
 * @property int|null $lot what its label says, where it is a plant of a trial; null where it is none, or where leaves are marked
 * @property CarbonImmutable|null $updated_at when something was said of it last
 * @property-read Plant $plant
 * @property-read Course|null $course
 * @property-read Collection<int, Round> $rounds
 * @property-read Collection<int, Count> $counts
 * @property-read Collection<int, Count> $lastCounts
 * @property-read Collection<int, Wait> $openWaits
 * @property-read Collection<int, CaseStep> $steps
 * @property-read Collection<int, Watch> $watches
 */
final class PestCase extends Kept
{
    /** What is a plant on a course is in no list of cases: its course tells of it. */
    public const OF_ITS_OWN = 'no-plant-of-a-course';

    protected $table = 'cases';

    protected static function booted(): void
    {
        static::addGlobalScope(self::OF_ITS_OWN, static function (Builder $cases): void {
            $cases->whereNull($cases->getModel()->qualifyColumn('course_id'));
        });
        parent::booted();
    }

    /**
     * Those on a course, too.
     *
     * @template T of Relation|Builder
     *
     * @param T $cases
     *
     * @return T
     */
    public static function any(Relation|Builder $cases): Relation|Builder
    {
        ($cases instanceof Relation ? $cases->getQuery() : $cases)->withoutGlobalScope(self::OF_ITS_OWN);

        return $cases;
    }

    /** @return BelongsTo<Plant, $this> taken back or not */
    public function plant(): BelongsTo
    {
        $plant = $this->belongsTo(Plant::class);
        $plant->getQuery()->withoutGlobalScopes();

        return $plant;
    }

    /** @return BelongsTo<Course, $this> taken back or not */
    public function course(): BelongsTo
    {
        $course = $this->belongsTo(Course::class);
        $course->getQuery()->withoutGlobalScopes();

        return $course;
    }

    /** @return HasMany<Round, $this> */
    public function rounds(): HasMany
    {
        return $this->hasMany(Round::class, 'case_id')->orderBy('sprayed_at')->orderBy('id');
    }

    /** @return list<array{Round, Batch}> rounds with what was mixed here, earliest first */
    public function mixed(): array
    {
        $mixed = [];
        foreach ($this->rounds as $round) {
            if ($round->batch !== null) {
                $mixed[] = [$round, $round->batch];
            }
        }

        return $mixed;
    }

    /** @return list<string> slugs of the recipes that were mixed for its rounds, in order; what was bought has none */
    public function slugs(): array
    {
        return array_map(static fn(array $one): string => $one[1]->recipeVersion->recipe->slug, $this->mixed());
    }

    /** @return HasMany<Count, $this> the last two of what was sprayed, the last first */
    public function lastCounts(): HasMany
    {
        $counts = $this->hasMany(Count::class, 'case_id')->orderBy('counted_at', 'desc')->orderBy('id', 'desc');
        $counts->getQuery()->where('untreated', false);

        return $counts->limit(2);
    }

    /** @return HasMany<Count, $this> */
    public function counts(): HasMany
    {
        return $this->hasMany(Count::class, 'case_id')->orderBy('counted_at')->orderBy('id');
    }

    /** @return HasMany<Wait, $this> those since which nobody has counted or sprayed, the latest last */
    public function openWaits(): HasMany
    {
        $waits = $this->hasMany(Wait::class, 'case_id');
        $waits->getQuery()->whereRaw('not exists (select 1 from counts where counts.case_id = waits.case_id and counts.taken_back_at is null and not counts.untreated and counts.counted_at > waits.begun_at)')
            ->whereRaw('not exists (select 1 from rounds where rounds.case_id = waits.case_id and rounds.taken_back_at is null and rounds.sprayed_at > waits.begun_at)');

        return $waits->orderBy('begun_at')->orderBy('id');
    }

    /** @return HasMany<CaseStep, $this> */
    public function steps(): HasMany
    {
        return $this->hasMany(CaseStep::class, 'case_id')->orderBy('id');
    }

    /** @return HasMany<Watch, $this> without plants that were taken back since */
    public function watches(): HasMany
    {
        $watches = $this->hasMany(Watch::class, 'case_id');
        $watches->getQuery()->whereHas('plant');

        return $watches->orderBy('id');
    }
}
