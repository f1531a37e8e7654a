<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Records\GardenBook;
use App\Records\WeatherBook;
use DateTimeImmutable;
use IdleMixer\Core\Data\WeatherLines;

/** Tells where the garden lies. */
final readonly class GardenAnswers
{
    public function __construct(private GardenBook $garden, private WeatherBook $weather) {}

    /** Null while nobody said. */
    public function now(): ?GardenAnswer
    {
        $row = $this->garden->row();
        if ($row === null) {
            return null;
        }
        $file = $this->weather->file();
        $hours = $file === null ? [] : $this->weather->hoursOf($file);

        return new GardenAnswer(
            $row->version,
            $row->latitude,
            $row->longitude,
            $row->zone,
            $row->room_celsius,
            $row->source,
            $file === null || $hours === [] ? null : new TellerAnswer($file->name, self::instant($hours[0]->at), self::instant($hours[count($hours) - 1]->at + WeatherLines::APART['value'])),
            "/calendar/{$row->feed}.ics",
        );
    }

    public static function instant(int $at): string
    {
        return Instant::of(new DateTimeImmutable("@{$at}"));
    }
}
