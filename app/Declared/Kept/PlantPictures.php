<?php

declare(strict_types=1);

namespace App\Declared\Kept;

use App\Declared\Plain;
use App\Declared\Record;
use App\Declared\Values\Moment;

/** How a plant looks. */
final class PlantPictures extends Record
{
    private const WHY = 'Photographs would make the document many times as long: ./start --backup copies them.';

    public function table(): string
    {
        return 'plant_pictures';
    }

    public function identity(): array
    {
        return ['plant_id'];
    }

    protected function declared(): array
    {
        return [
            Plain::inside('id', self::NUMBER),
            Plain::inside('plant_id', self::WHY),
            Plain::inside('picture', self::WHY),
            Plain::needed('taken_at', Moment::past($this->clock))->withoutLog(self::WHY),
        ];
    }
}
