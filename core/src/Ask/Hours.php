<?php

declare(strict_types=1);

namespace IdleMixer\Core\Ask;

use DateTimeImmutable;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Weather\HourJudge;
use IdleMixer\Core\Weather\HourReason;
use IdleMixer\Core\Weather\JudgedHour;
use IdleMixer\Core\Weather\Week;
use IdleMixer\Core\Weather\Window;
use IdleMixer\Core\Weather\Windows;
use IdleMixer\Core\Wording\HourWords;

/**
 * Which hours are good for a spray, as open documents: `{"place", "recipe", "plant", "inBloom", "indoors", "exposure",
 * "lights", "hours": [{"at", "temperature_C", "humidity_percent", "wind_kmh", "rain_mm", "cloud_percent"}]}`.
 *
 * @phpstan-type ReasonRow array{code: string, text: string, verdict: string}
 * @phpstan-type HourRow array{at: string, verdict: string, reasons: list<ReasonRow>, delta_t_C: float, sun_elevation_deg: float}
 * @phpstan-type WindowRow array{from: string, to: string, verdict: string, because: string}
 */
final readonly class Hours
{
    private const INSTANT = 'Y-m-d\TH:i:s\Z';

    public function __construct(private HoursReader $reader, private HourJudge $judge, private HourWords $words) {}

    public static function shipped(): self
    {
        return new self(HoursReader::shipped(), HourJudge::shipped(), HourWords::shipped());
    }

    /**
     * @return array{hours: list<HourRow>, windows: list<WindowRow>}
     *
     * @throws InvalidDocument with the path of the first fault found
     */
    public function answer(Node $node): array
    {
        $asked = $this->reader->read($node);
        $judged = $this->judge->judge(Week::of($asked->place, $asked->hours), $asked->spray, $asked->stand);

        return [
            'hours' => array_map(fn(JudgedHour $hour): array => [
                'at' => self::instant($hour->hour->told->at),
                'verdict' => $hour->verdict->value,
                'reasons' => array_map(fn(HourReason $reason): array => ['code' => $reason->finding->value, 'text' => $this->words->reason($reason), 'verdict' => $reason->verdict->value], $hour->reasons),
                'delta_t_C' => round($hour->hour->deltaT, 2),
                'sun_elevation_deg' => round($hour->hour->sun, 2),
            ], $judged),
            'windows' => array_map(fn(Window $window): array => [
                'from' => self::instant($window->from),
                'to' => self::instant($window->to),
                'verdict' => $window->verdict->value,
                'because' => $this->words->window($window, $asked->place->zone),
            ], Windows::best($judged)),
        ];
    }

    private static function instant(int $at): string
    {
        return (new DateTimeImmutable("@{$at}"))->format(self::INSTANT);
    }
}
