<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\CalendarFile;
use App\Http\RefusedCall;
use App\Records\CalendarBook;
use App\Records\GardenBook;
use IdleMixer\Core\Words\Say;
use Illuminate\Http\Response;
use Psr\Clock\ClockInterface;

/** What is due, as a calendar to bring home or to subscribe to; whoever knows its key may ask. */
final class CalendarController
{
    public function __invoke(string $feed, GardenBook $garden, CalendarBook $calendar, ClockInterface $clock): Response
    {
        $key = $garden->row()->feed ?? '';
        if ($key === '' || ! hash_equals($key, $feed)) {
            throw RefusedCall::notFound('calendar', Say::it('calls/calendar-controller.of-that-key'));
        }

        return new Response(CalendarFile::write($calendar->all($clock->now()), $clock->now()), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => 'inline; filename="garden-sprays.ics"',
            'Cache-Control' => 'no-store',
        ]);
    }
}
