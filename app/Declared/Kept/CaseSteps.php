<?php

declare(strict_types=1);

namespace App\Declared\Kept;

use App\Declared\Plain;
use App\Declared\Record;
use App\Declared\Values\Moment;
use App\Declared\Values\Text;
use App\Declared\Within;

/** A step of containing a trouble that was done. */
final class CaseSteps extends Record
{
    public function table(): string
    {
        return 'case_steps';
    }

    public function identity(): array
    {
        return ['case_id', 'step'];
    }

    protected function declared(): array
    {
        return [
            Plain::inside('id', self::NUMBER),
            new Within('case_id', 'cases'),
            Plain::needed('step', Text::line(60, 1)),
            Plain::needed('done_at', Moment::past($this->clock)),
            $this->writer(),
        ];
    }
}
