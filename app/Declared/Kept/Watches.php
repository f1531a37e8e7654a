<?php

declare(strict_types=1);

namespace App\Declared\Kept;

use App\Declared\Link;
use App\Declared\Plain;
use App\Declared\Record;
use App\Declared\Values\Moment;
use App\Declared\Within;

/** A plant that stood next to an infested one, to be looked at. */
final class Watches extends Record
{
    public function table(): string
    {
        return 'watches';
    }

    public function identity(): array
    {
        return ['case_id', 'plant_id'];
    }

    protected function declared(): array
    {
        return [
            Plain::inside('id', self::NUMBER),
            new Within('case_id', 'cases'),
            Link::to('plants', 'plant_id', 'plant', 'plant'),
            Plain::needed('due_at', Moment::any()),
            Plain::maybe('looked_at', Moment::past($this->clock)),
            Plain::maybe('cleared_at', Moment::past($this->clock)),
        ];
    }
}
