<?php

declare(strict_types=1);

namespace App\Declared\Kept;

use App\Declared\Plain;
use App\Declared\Record;
use App\Declared\Values\Moment;
use App\Declared\Values\Text;
use App\Declared\Within;

/** A step of a walk through the bed that was done. */
final class RunTaps extends Record
{
    public function table(): string
    {
        return 'run_taps';
    }

    public function identity(): array
    {
        return ['run_id', 'step'];
    }

    protected function declared(): array
    {
        return [
            Plain::inside('id', self::NUMBER),
            new Within('run_id', 'runs'),
            Plain::needed('step', Text::line(60, 1)),
            Plain::needed('tapped_at', Moment::past($this->clock)),
            $this->writer(),
        ];
    }
}
