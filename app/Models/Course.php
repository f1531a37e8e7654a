<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * What is done to many plants together before anything is there. Each plant on it is a case of its own, which no list of cases shows.
 *
 * @property int $id
 * @property string $submission UUID under which it was sent: its identity in every notebook
 * @property int $version how often it was made or changed
 * @property string $name
 * @property string $pest that is feared; empty where none is named
 * @property string $methods slugs of recipes in turn, as a JSON list
 * @property int|null $trial_id of which it is a side; null where it is none
 * @property string $side of the trial; empty where it is of none
 * @property int|null $every_days that the gardener wants between rounds
 * @property CarbonImmutable $begun_at
 * @property CarbonImmutable|null $ended_at
 * @property string $notes
 * @property-read Collection<int, PestCase> $cases
 * @property-read Collection<int, CourseLook> $looks
 * @property-read Trial|null $trial
 * @property CarbonImmutable|null $taken_back_at
 */
final class Course extends Correctable
{
    /** @return HasMany<PestCase, $this> its plants, those that left it among them */
    public function cases(): HasMany
    {
        return PestCase::any($this->hasMany(PestCase::class, 'course_id'))->orderBy('id');
    }

    /** @return BelongsTo<Trial, $this> */
    public function trial(): BelongsTo
    {
        return $this->belongsTo(Trial::class);
    }

    /** @return HasMany<CourseLook, $this> */
    public function looks(): HasMany
    {
        return $this->hasMany(CourseLook::class)->orderBy('looked_at')->orderBy('id');
    }
}
