<?php

declare(strict_types=1);

namespace App\Records;

use App\Declared\Kept\Gardens;
use App\Models\Garden;
use DateTimeZone;
use IdleMixer\Core\Data\WeatherLines;
use IdleMixer\Core\Weather\Place;

/** Where the garden lies, how warm its rooms are, and whom it asks for the weather. */
final readonly class GardenBook
{
    public const STATION = 'station';

    public const SOURCES = Gardens::SOURCES;

    private const FEED_BYTES = 16;

    public function __construct(private Reading $reading) {}

    public function row(): ?Garden
    {
        return $this->reading->once('garden', static fn(): ?Garden => Garden::query()->first());
    }

    /** Null where nobody said. */
    public function place(): ?Place
    {
        $row = $this->row();

        return $row === null ? null : new Place($row->latitude, $row->longitude, new DateTimeZone($row->zone));
    }

    /** UTC where nobody said where the garden lies. */
    public function zone(): DateTimeZone
    {
        return $this->place()->zone ?? new DateTimeZone('UTC');
    }

    /** °C. */
    public function room(): float
    {
        return $this->row()->room_celsius ?? WeatherLines::ROOM['value'];
    }

    /**
     * @param int                  $basedOn the version that was on the screen
     * @param array<string, mixed> $columns
     *
     * @throws TwoVersions when it was changed since
     */
    public function keep(int $basedOn, array $columns): void
    {
        $row = $this->row() ?? new Garden([...array_fill_keys(array_keys($columns), null), 'id' => 1, 'version' => 0, 'feed' => bin2hex(random_bytes(self::FEED_BYTES))]);
        $row->syncOriginal();
        Edits::fill($row, $basedOn, $columns);
        $row->save();
    }
}
