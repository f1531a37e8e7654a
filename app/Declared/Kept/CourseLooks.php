<?php

declare(strict_types=1);

namespace App\Declared\Kept;

use App\Declared\Plain;
use App\Declared\Record;
use App\Declared\Values\Moment;
use App\Declared\Values\Whole;
use App\Declared\Within;
use IdleMixer\Core\Data\InputLines;

/** One look over all plants of a course: on how many something was found. */
final class CourseLooks extends Record
{
    public function table(): string
    {
        return 'course_looks';
    }

    public function isCorrected(): bool
    {
        return true;
    }

    protected function declared(): array
    {
        return [
            ...$this->submitted(),
            new Within('course_id', 'courses'),
            Plain::needed('looked_at', Moment::past($this->clock)),
            Plain::needed('plants', new Whole(0, InputLines::MOST_ROWS['value'])),
            Plain::needed('found', new Whole(0, InputLines::MOST_ROWS['value'])),
        ];
    }
}
