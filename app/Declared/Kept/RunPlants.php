<?php

declare(strict_types=1);

namespace App\Declared\Kept;

use App\Declared\Link;
use App\Declared\Plain;
use App\Declared\Record;
use App\Declared\Values\Whole;
use IdleMixer\Core\Data\InputLines;

/** A plant, by its case, on a walk through the bed. */
final class RunPlants extends Record
{
    public function table(): string
    {
        return 'run_plants';
    }

    public function list(): string
    {
        return 'runPlants';
    }

    public function identity(): array
    {
        return ['run_id', 'case_id'];
    }

    protected function declared(): array
    {
        return [
            Plain::inside('id', self::NUMBER),
            Link::to('runs', 'run_id', 'run', 'walk'),
            Link::to('cases', 'case_id', 'case', 'case'),
            Plain::needed('position', new Whole(0, InputLines::MOST_ROWS['value'])),
            Link::maybe('rounds', 'round_id', 'round', 'round'),
        ];
    }
}
