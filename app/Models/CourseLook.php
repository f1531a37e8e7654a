<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * One look over all plants of a course.
 *
 * @property int $id
 * @property string $submission UUID under which it was sent: its identity in every notebook
 * @property int $version how often it was made or changed
 * @property int $course_id
 * @property CarbonImmutable $looked_at
 * @property int $plants that were looked over
 * @property int $found on how many of them something was
 * @property-read Course $course
 * @property CarbonImmutable|null $taken_back_at
 */
final class CourseLook extends Correctable
{
    /** @return BelongsTo<Course, $this> */
    public function course(): BelongsTo
    {
        return $this->belongsTo(Course::class);
    }
}
