<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use IdleMixer\Core\Evidence\Side;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * Two sprays side by side: which leaf or plant gets which is drawn by lot from its seed.
 *
 * @property int $id
 * @property string $submission UUID under which it was sent: its identity in every notebook
 * @property int $version how often it was made or changed
 * @property string $pest
 * @property string $name
 * @property string $one the first spray, in words
 * @property string $other the second, or nothing
 * @property string $unit leaf or plant
 * @property int $units of both together
 * @property int $seed
 * @property bool $blind whether who counts is not told which is which
 * @property CarbonImmutable $begun_at
 * @property CarbonImmutable|null $sprayed_at
 * @property CarbonImmutable|null $ended_at
 * @property string $conclusion
 * @property-read Collection<int, TrialLook> $looks
 * @property-read Collection<int, Course> $sides none where it is from before they were courses
 * @property CarbonImmutable|null $taken_back_at
 */
final class Trial extends Correctable
{
    /** Whether whole plants are marked, and not leaves. */
    public function isOfPlants(): bool
    {
        return $this->unit === 'plant';
    }

    /** @return HasMany<TrialLook, $this> */
    public function looks(): HasMany
    {
        return $this->hasMany(TrialLook::class)->orderBy('counted_at')->orderBy('id');
    }

    /** @return HasMany<Course, $this> */
    public function sides(): HasMany
    {
        return $this->hasMany(Course::class)->orderBy('id');
    }

    /** @return list<Course> the side with the first spray first */
    public function both(): array
    {
        return array_values($this->sides->sortBy(static fn(Course $course): bool => $course->side !== Side::One->value)->all());
    }
}
