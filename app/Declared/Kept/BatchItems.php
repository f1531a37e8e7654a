<?php

declare(strict_types=1);

namespace App\Declared\Kept;

use App\Declared\Part;
use App\Declared\Plain;
use App\Declared\Record;
use App\Declared\Values\Text;
use App\Declared\Values\Whole;
use App\Declared\Within;
use IdleMixer\Core\Data\InputLines;

/** One thing of one load, on the tally. */
final class BatchItems extends Record
{
    public function table(): string
    {
        return 'batch_items';
    }

    public function identity(): array
    {
        return ['batch_id', 'load', 'key'];
    }

    public function parts(): array
    {
        return [
            'scoops' => new Part(BatchScoops::class, 'batch_item_id', ['position'], InputLines::MOST_ROWS['value']),
        ];
    }

    protected function declared(): array
    {
        return [
            Plain::inside('id', self::NUMBER),
            new Within('batch_id', 'batches'),
            Plain::needed('load', new Whole(1, InputLines::MOST_LOADS['value'])),
            Plain::needed('key', Text::line(InputLines::LONGEST_NAME['value'], 1)),
        ];
    }
}
