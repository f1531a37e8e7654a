<?php

declare(strict_types=1);

namespace IdleMixer\Core\Document;

use DateTimeImmutable;
use DateTimeZone;
use Exception;
use IdleMixer\Core\Words\Say;

/** Days and instants as RFC 3339 writes them, read strictly. */
final class DayAndHour
{
    /**
     * @param string $text like 2026-05-03T19:30:00+02:00
     *
     * @return DateTimeImmutable in UTC
     *
     * @throws InvalidDocument when it is none, or lies outside the bounds
     */
    public static function instant(string $text, string $path, DateTimeImmutable $from, DateTimeImmutable $to): DateTimeImmutable
    {
        $shape = preg_match('/\A\d{4}-\d\d-\d\dT\d\d:\d\d(:\d\d(\.\d{1,9})?)?(Z|[+-]\d\d:\d\d)\z/', $text) === 1;
        try {
            $at = $shape ? new DateTimeImmutable($text) : null;
        } catch (Exception) {
            $at = null;
        }
        if ($at === null || ! str_starts_with($at->format('Y-m-d\TH:i'), substr($text, 0, 16))) {
            throw InvalidDocument::because($path, Say::it('document/node.expected-date-and-time-like'), $text);
        }
        if ($at < $from || $at > $to) {
            throw InvalidDocument::because($path, Say::it('document/node.time-must-lie-between-and', ['from' => $from->format('Y-m-d H:i'), 'to' => $to->format('Y-m-d H:i')]), $text);
        }

        return $at->setTimezone(new DateTimeZone('UTC'));
    }

    /**
     * @param string $text like 2026-05-03
     *
     * @throws InvalidDocument when it is none, or not between 2000 and 2100
     */
    public static function day(string $text, string $path): string
    {
        $day = preg_match('/\A2[01]\d\d-\d\d-\d\d\z/', $text) === 1 ? DateTimeImmutable::createFromFormat('!Y-m-d', $text) : false;
        if ($day === false || $day->format('Y-m-d') !== $text) {
            throw InvalidDocument::because($path, Say::it('document/node.expected-day-like-2026-05'), $text);
        }

        return $text;
    }
}
