<?php

declare(strict_types=1);

namespace App\Declared\Kept;

use App\Declared\Part;
use App\Declared\Plain;
use App\Declared\Record;
use App\Declared\Values\Whole;
use App\Declared\Within;
use IdleMixer\Core\Data\InputLines;

/** One measure of a thing on the tally. */
final class BatchScoops extends Record
{
    public function table(): string
    {
        return 'batch_scoops';
    }

    public function identity(): array
    {
        return ['batch_item_id', 'position'];
    }

    public function parts(): array
    {
        return [
            'ticks' => new Part(BatchTicks::class, 'batch_scoop_id', ['number'], InputLines::MOST_TICKS['value']),
        ];
    }

    protected function declared(): array
    {
        return [
            Plain::inside('id', self::NUMBER),
            new Within('batch_item_id', 'batch_items'),
            Plain::needed('position', new Whole(0, InputLines::MOST_ROWS['value'])),
        ];
    }
}
