<?php

declare(strict_types=1);

namespace App\Declared\Kept;

use App\Declared\Plain;
use App\Declared\Record;
use App\Declared\Values\Moment;
use App\Declared\Values\Whole;
use App\Declared\Within;
use IdleMixer\Core\Data\InputLines;

/** One spoonful that went in. */
final class BatchTicks extends Record
{
    public function table(): string
    {
        return 'batch_ticks';
    }

    public function identity(): array
    {
        return ['batch_scoop_id', 'number'];
    }

    protected function declared(): array
    {
        return [
            Plain::inside('id', self::NUMBER),
            new Within('batch_scoop_id', 'batch_scoops'),
            Plain::needed('number', new Whole(1, InputLines::MOST_TICKS['value'])),
            Plain::needed('ticked_at', Moment::past($this->clock)),
            Plain::maybe('again_at', Moment::past($this->clock)),
            $this->writer(),
        ];
    }
}
