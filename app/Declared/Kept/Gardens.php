<?php

declare(strict_types=1);

namespace App\Declared\Kept;

use App\Declared\Plain;
use App\Declared\Record;
use App\Declared\Values\Number;
use App\Declared\Values\Whole;
use App\Declared\Values\Word;
use DateTimeZone;
use IdleMixer\Core\Data\WeatherLines;
use IdleMixer\Core\Words\Say;

/** Where the garden lies, and whom it asks for the weather. */
final class Gardens extends Record
{
    /** Whom the garden asks for the weather: the station, or a file that was read. */
    public const SOURCES = ['station', 'file'];

    private const FEED_BYTES = 16;

    public function table(): string
    {
        return 'gardens';
    }

    public function list(): string
    {
        return 'garden';
    }

    public function identity(): array
    {
        return [];
    }

    public function ownHere(): array
    {
        return ['feed' => bin2hex(random_bytes(self::FEED_BYTES))];
    }

    protected function declared(): array
    {
        return [
            Plain::inside('id', self::NUMBER),
            Plain::usually('version', new Whole(1), 1),
            Plain::needed('latitude', Number::between(-90.0, 90.0)),
            Plain::needed('longitude', Number::between(-180.0, 180.0)),
            Plain::needed('zone', new Word(DateTimeZone::listIdentifiers(DateTimeZone::ALL_WITH_BC), Say::it('records/gardens.time-zone'), open: true)),
            Plain::needed('room_celsius', Number::between(WeatherLines::COLDEST_ROOM['value'], WeatherLines::WARMEST_ROOM['value'])),
            Plain::needed('source', new Word(self::SOURCES, Say::it('records/gardens.source-of-weather'))),
            Plain::inside('feed', Say::it('records/gardens.key-of-calendar-whoever-holds')),
            ...self::rowTimes(),
        ];
    }
}
