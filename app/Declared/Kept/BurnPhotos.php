<?php

declare(strict_types=1);

namespace App\Declared\Kept;

use App\Declared\Plain;
use App\Declared\Record;
use App\Declared\Values\Moment;

/** A photograph of leaves that burnt after a round. */
final class BurnPhotos extends Record
{
    private const WHY = 'Photographs would make the document many times as long: ./start --backup copies them.';

    public function table(): string
    {
        return 'burn_photos';
    }

    public function identity(): array
    {
        return ['burn_id'];
    }

    protected function declared(): array
    {
        return [
            Plain::inside('id', self::NUMBER),
            Plain::inside('burn_id', self::WHY),
            Plain::inside('picture', self::WHY),
            Plain::needed('taken_at', Moment::past($this->clock))->withoutLog(self::WHY),
        ];
    }
}
