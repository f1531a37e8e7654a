<?php

declare(strict_types=1);

namespace App\Declared\Kept;

use App\Declared\Plain;
use App\Declared\Record;
use App\Declared\Values\Moment;
use App\Declared\Values\Whole;
use App\Declared\Within;
use IdleMixer\Core\Data\InputLines;

/** A step without spoons that was done: water, shaking, the label. */
final class BatchSteps extends Record
{
    public function table(): string
    {
        return 'batch_steps';
    }

    public function identity(): array
    {
        return ['batch_id', 'load', 'number'];
    }

    protected function declared(): array
    {
        return [
            Plain::inside('id', self::NUMBER),
            new Within('batch_id', 'batches'),
            Plain::needed('load', new Whole(1, InputLines::MOST_LOADS['value'])),
            Plain::needed('number', new Whole(1, InputLines::MOST_ROWS['value'])),
            Plain::needed('ticked_at', Moment::past($this->clock)),
            $this->writer(),
        ];
    }
}
