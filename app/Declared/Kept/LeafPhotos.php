<?php

declare(strict_types=1);

namespace App\Declared\Kept;

use App\Declared\Plain;
use App\Declared\Record;
use App\Declared\Values\Flag;
use App\Declared\Values\Moment;
use App\Declared\Values\Whole;

/** A photograph of a leaf of a test. */
final class LeafPhotos extends Record
{
    private const WHY = 'Photographs would make the document many times as long: ./start --backup copies them.';

    public function table(): string
    {
        return 'leaf_photos';
    }

    public function identity(): array
    {
        return ['leaf_test_id', 'leaf', 'before'];
    }


    protected function declared(): array
    {
        return [
            Plain::inside('id', self::NUMBER),
            Plain::inside('leaf_test_id', self::WHY),
            Plain::needed('leaf', new Whole(1))->withoutLog(self::WHY),
            Plain::needed('before', new Flag())->withoutLog(self::WHY),
            Plain::inside('picture', self::WHY),
            Plain::needed('taken_at', Moment::past($this->clock))->withoutLog(self::WHY),
        ];
    }
}
