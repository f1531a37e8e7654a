<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Records\CalendarEntry;
use DateTimeImmutable;
use IdleMixer\Core\Words\Say;
use Sabre\VObject\Component\VCalendar;

/** Writes entries as iCalendar (RFC 5545): instants in UTC, so that every device says them by its own clock. */
final class CalendarFile
{
    private const HOURS = 1;

    /** @param list<CalendarEntry> $entries */
    public static function write(array $entries, DateTimeImmutable $now): string
    {
        $calendar = new VCalendar(['PRODID' => '-//Idle Mixer//Garden//EN', 'X-WR-CALNAME' => Say::it('answers/calendar-file.garden-sprays'), 'REFRESH-INTERVAL;VALUE=DURATION' => 'PT6H', 'METHOD' => 'PUBLISH']);
        foreach ($entries as $entry) {
            $stamp = $now->format('Ymd\THis\Z');
            $event = $calendar->createComponent('VEVENT', [
                'UID' => "{$entry->id}@idle-mixer.invalid",
                'DTSTAMP' => $stamp,
                'SEQUENCE' => (string) $entry->sequence,
                'SUMMARY' => $entry->summary,
                'DESCRIPTION' => $entry->description,
            ]);
            if ($entry->allDay) {
                $event->add('DTSTART', $entry->at->format('Ymd'), ['VALUE' => 'DATE']);
            } else {
                $at = (new DateTimeImmutable('@' . $entry->at->getTimestamp()));
                $event->add('DTSTART', $at->format('Ymd\THis\Z'));
                $event->add('DTEND', $at->modify('+' . self::HOURS . ' hour')->format('Ymd\THis\Z'));
            }
            if ($entry->rings !== null) {
                $event->add($calendar->createComponent('VALARM', ['ACTION' => 'DISPLAY', 'DESCRIPTION' => $entry->summary, 'TRIGGER' => "-PT{$entry->rings}M"]));
            }
            $calendar->add($event);
        }

        return $calendar->serialize();
    }
}
