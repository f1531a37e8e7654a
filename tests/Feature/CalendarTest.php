<?php

declare(strict_types=1);

use App\Models\Round;
use IdleMixer\Core\Tests\Support\NodeScript;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Notebook;

beforeEach(function (): void {
    Date::setTestNow('2026-06-01T18:00:00Z');
    Notebook::put('/api/garden', ['basedOn' => 0, 'place' => ['latitude' => 47.3, 'longitude' => 9.9, 'zone' => 'Europe/Vienna'], 'roomCelsius' => 20, 'source' => 'station']);
});

/** @return array<string, array{start: string, day: bool, summary: string, description: string, sequence: int, alarms: int, minutes: int, rings: string}> by UID, as the reference library ical.js reads it */
function calendar(): array
{
    $answer = Notebook::get(Notebook::get('/api/garden')->text('garden.feed'));
    expect($answer->status)->toBe(200);
    $read = NodeScript::run(<<<'JS'
        import ICAL from 'ical.js';
        const text = JSON.parse(await new Promise((done) => { let all = ''; process.stdin.on('data', (part) => (all += part)).on('end', () => done(all)); }));
        const events = new ICAL.Component(ICAL.parse(text)).getAllSubcomponents('vevent').map((one) => new ICAL.Event(one));
        console.log(JSON.stringify(events.map((one) => ({
            uid: one.uid, start: one.startDate.isDate ? one.startDate.toString() : one.startDate.toJSDate().toISOString(), day: one.startDate.isDate,
            summary: one.summary, description: one.description ?? '', sequence: one.sequence, alarms: one.component.getAllSubcomponents('valarm').length, minutes: one.duration.toSeconds() / 60,
            rings: one.component.getAllSubcomponents('valarm').map((alarm) => { const at = one.startDate.clone(); at.addDuration(alarm.getFirstPropertyValue('trigger')); return at.toJSDate().toISOString(); })[0] ?? '',
        }))));
        JS, $answer->text);
    $all = [];
    foreach ($read as $event) {
        assert(is_array($event) && is_string($event['uid']) && is_string($event['start']) && is_bool($event['day']) && is_string($event['summary']) && is_string($event['description']) && is_int($event['sequence']) && is_int($event['alarms']) && is_int($event['minutes']) && is_string($event['rings']));
        expect($all)->not->toHaveKey($event['uid']);
        $all[$event['uid']] = ['start' => $event['start'], 'day' => $event['day'], 'summary' => $event['summary'], 'description' => $event['description'], 'sequence' => $event['sequence'], 'alarms' => $event['alarms'], 'minutes' => $event['minutes'], 'rings' => $event['rings']];
    }

    return $all;
}

/** In a room of 20 °C, for which the days of methods are told, nothing slows them down. */
function sprayedCase(bool $indoors = false, string $recipe = 'neem-leaf-quart'): int
{
    $case = Notebook::case(Notebook::post('/api/plants', ['submission' => Notebook::submission(), 'name' => 'Zinnia, by the “gate”; north', 'tolerance' => 'ordinary-leaf', 'indoors' => $indoors])->id());
    $batch = Notebook::mixed($case, ['recipe' => $recipe, 'make' => ['amount' => 1, 'unit' => 'L']]);
    expect(Notebook::post("/api/cases/{$case}/rounds", ['submission' => Notebook::submission(), 'batchId' => $batch, 'override' => 'A test plant.'])->status)->toBe(201);

    return $case;
}

it('writes what is due as a calendar that the reference library reads, with identities that stay', function (): void {
    $case = sprayedCase(indoors: true);
    $first = calendar();
    // A first look at neem after 3 days, the next round after 7, more rounds after that (common practice, no source).
    expect($first["case-{$case}-count-1@idle-mixer.invalid"]['start'])->toBe('2026-06-04T18:00:00.000Z')
        // An hour of the evening is kept for it, and a day is a day.
        ->and([$first["case-{$case}-count-1@idle-mixer.invalid"]['minutes'], $first["case-{$case}-spray-3@idle-mixer.invalid"]['minutes']])->toBe([60, 1440])
        ->and($first["case-{$case}-spray-2@idle-mixer.invalid"]['summary'])->toContain('Zinnia, by the “gate”; north')
        ->and($first["case-{$case}-spray-2@idle-mixer.invalid"]['alarms'])->toBe(1)
        ->and($first["case-{$case}-spray-3@idle-mixer.invalid"]['day'])->toBeTrue()
        ->and($first["case-{$case}-spray-3@idle-mixer.invalid"]['start'])->toBe('2026-06-15');
    Date::setTestNow('2026-06-02T09:00:00Z');
    expect(array_keys(calendar()))->toBe(array_keys($first));
});

// RFC 5545, 3.8.7.4: a sequence begins at 0.
it('begins with the first round of a case that was not sprayed, in its first version', function (): void {
    $case = Notebook::case(Notebook::plant());
    Notebook::post("/api/cases/{$case}/counts", ['submission' => Notebook::submission(), 'value' => 30]);
    $first = calendar()["case-{$case}-spray-1@idle-mixer.invalid"] ?? null;
    expect([$first['sequence'] ?? null, str_contains($first['summary'] ?? '', 'Zinnia')])->toBe([0, true]);
});

it('tells a moved task as the same one at another time, and none that is skipped', function (): void {
    $case = sprayedCase();
    $task = array_values(array_filter(Notebook::get("/api/cases/{$case}")->list('next'), static fn(mixed $one): bool => is_array($one) && $one['kind'] === 'count-after'))[0] ?? null;
    assert(is_array($task) && is_string($task['plannedAt']));
    $move = ['submission' => Notebook::submission(), 'kind' => 'count-after', 'ref' => $case, 'plannedAt' => $task['plannedAt'], 'to' => '2026-06-05T07:00:00Z', 'reason' => 'Away on Thursday.'];
    $moved = Notebook::post('/api/moves', $move);
    expect($moved->status)->toBe(201)->and(Notebook::post('/api/moves', $move)->status)->toBe(200);
    $event = calendar()["case-{$case}-count-1@idle-mixer.invalid"];
    expect([$event['start'], $event['sequence'] > 0, str_contains($event['description'], 'Away on Thursday.')])->toBe(['2026-06-05T07:00:00.000Z', true, true]);
    expect(Notebook::put("/api/moves/{$moved->id('saved.id')}/taken-back", ['basedOn' => 1, 'takenBack' => true])->status)->toBe(200)
        ->and(calendar()["case-{$case}-count-1@idle-mixer.invalid"]['start'])->toBe('2026-06-04T18:00:00.000Z');
    Notebook::post('/api/moves', [...$move, 'submission' => Notebook::submission(), 'to' => null, 'reason' => 'Nobody at home.']);
    expect(calendar())->not->toHaveKey("case-{$case}-count-1@idle-mixer.invalid");
});

it('tells what lies further ahead than Today shows', function (): void {
    $case = sprayedCase(recipe: 'weak-pot-drench');
    DB::table('batches')->update(['discarded_at' => '2026-06-01 18:00:00']);
    // Looked at when it was fair: all that is left is the next round, in five weeks.
    Date::setTestNow('2026-06-12T19:00:00Z');
    Notebook::post("/api/cases/{$case}/counts", ['submission' => Notebook::submission(), 'value' => 30]);
    Notebook::weighed();
    expect(DB::table('cases')->value('due_at'))->toBe('2026-07-06 18:00:00')
        ->and(Notebook::get('/api/today')->list('tasks'))->toBe([])
        ->and(calendar()["case-{$case}-spray-2@idle-mixer.invalid"]['start'] ?? '')->toStartWith('2026-07-');
});

it('puts a skipped round off by its pace, with the reason', function (): void {
    $case = sprayedCase();
    $next = static fn(): array => array_merge(...array_values(array_filter(Notebook::get("/api/cases/{$case}")->list('next'), static fn(mixed $one): bool => is_array($one) && $one['kind'] === 'next-round')));
    $before = $next();
    expect($before['plannedAt'])->toBe('2026-06-08T18:00:00Z');
    Notebook::post('/api/moves', ['submission' => Notebook::submission(), 'kind' => 'next-round', 'ref' => $case, 'plannedAt' => '2026-06-08T18:00:00Z', 'to' => null, 'reason' => 'Ladybirds came.']);
    $after = $next();
    assert(is_array($after['moves']));
    expect($after['plannedAt'])->toBe('2026-06-15T18:00:00Z')->and($after['moves'][0])->toContain('Ladybirds came.');
});

// By the sun (suncalc 2.0.2: at 47.3° N, 9.9° E it is 6° below the horizon at 20:56 by the clock on 20 August, a week later at 20:42). Common
// practice, no source: nobody sprays in the dark, and a round is due on a day, not to the minute.
it('sets no round into the dark', function (): void {
    Date::setTestNow('2026-08-20T18:50:00Z');
    Notebook::put('/api/garden', ['basedOn' => 1, 'place' => ['latitude' => 47.3, 'longitude' => 9.9, 'zone' => 'Europe/Vienna'], 'roomCelsius' => 20, 'source' => 'file']);
    $rows = "at,temperature_C,humidity_percent,wind_kmh,rain_mm,cloud_percent\n";
    foreach (range(0, 24 * 9) as $hour) {
        $rows .= gmdate('Y-m-d\TH:i:s\Z', 1_787_335_200 + 3600 * $hour) . ",20,55,5,0,0\n";
    }
    expect(Notebook::post('/api/weather/files', ['submission' => Notebook::submission(), 'name' => 'still.csv', 'content' => $rows])->status)->toBe(201);
    $case = sprayedCase();
    Date::setTestNow('2026-08-24T09:00:00Z');
    $next = array_values(array_filter(Notebook::get("/api/cases/{$case}")->list('next'), static fn(mixed $one): bool => is_array($one) && $one['kind'] === 'next-round'))[0] ?? [];
    expect([$next['plannedAt'] ?? '', $next['dueAt'] ?? '', $next['moves'] ?? null])->toBe(['2026-08-27T18:50:00Z', '2026-08-27T18:00:00Z', []]);
});

// 36 °C for two days and nights, 18 °C from midnight on (the clock of the place). Common practice, no source: nothing is sprayed above 32 °C, and nobody
// sprays in the dark. By the sun (suncalc 2.0.2: at 47.3° N, 9.9° E it is 6° below the horizon at 04:44 by the clock on 23 June).
it('puts what is mixed and not sprayed yet off while it is too hot, and not before it is mixed', function (): void {
    Date::setTestNow('2026-06-21T08:00:00Z');
    Notebook::put('/api/garden', ['basedOn' => 1, 'place' => ['latitude' => 47.3, 'longitude' => 9.9, 'zone' => 'Europe/Vienna'], 'roomCelsius' => 20, 'source' => 'file']);
    $rows = "at,temperature_C,humidity_percent,wind_kmh,rain_mm,cloud_percent\n";
    foreach (range(0, 24 * 5) as $hour) {
        $rows .= gmdate('Y-m-d\TH:i:s\Z', 1_782_021_600 + 3600 * $hour) . ($hour < 40 ? ',36' : ',18') . ",55,5,0,0\n";
    }
    expect(Notebook::post('/api/weather/files', ['submission' => Notebook::submission(), 'name' => 'hot.csv', 'content' => $rows])->status)->toBe(201);
    $case = Notebook::case(Notebook::plant());
    $first = static fn(): array => array_values(array_filter(Notebook::get('/api/today?zone=Europe/Vienna')->list('tasks'), static fn(mixed $one): bool => is_array($one) && $one['kind'] === 'first-round'))[0] ?? [];
    $before = $first();
    expect([$before['dueAt'] ?? '', $before['moves'] ?? null, $before['ready'] ?? null])->toBe(['2026-06-21T08:00:00Z', [], null]);
    $batch = Notebook::mixed($case, ['recipe' => 'plain-soap', 'make' => ['amount' => 1, 'unit' => 'L']]);
    $then = $first();
    expect($then['ready'] ?? null)->toBe($batch)->and($then['plannedAt'] ?? '')->toBe('2026-06-21T08:00:00Z')->and($then['slot'] ?? '')->toBe('week')
        ->and($then['moves'] ?? null)->toBe(['Later: before that, no hour is good or workable while you can see what you spray.'])
        ->and($then['dueAt'] ?? '')->toBe('2026-06-23T03:00:00Z')
        ->and(Notebook::get("/api/cases/{$case}")->text('next.0.dueAt'))->toBe('2026-06-23T03:00:00Z');
    // Hot to its end: the file tells nothing beyond its last hour.
    expect(Notebook::post('/api/weather/files', ['submission' => Notebook::submission(), 'name' => 'hotter.csv', 'content' => str_replace(',18,', ',36,', $rows)])->status)->toBe(201);
    $ever = $first();
    expect($ever['dueAt'] ?? '')->toBe('2026-06-26T07:00:00Z')->and($ever['moves'] ?? null)->toBe(['Later: the forecast holds no hour for it. Ask again then.']);
});

// 29 °C until the midnight of the 22nd, 18 °C then. Common practice, no source: oil is borne up to 32 °C, soap this strong up to a leaf of 27 °C.
it('goes by what is mixed for the next round, and by what was sprayed last until then', function (): void {
    Date::setTestNow('2026-06-14T18:00:00Z');
    $case = sprayedCase();
    Notebook::put('/api/garden', ['basedOn' => 1, 'place' => ['latitude' => 47.3, 'longitude' => 9.9, 'zone' => 'Europe/Vienna'], 'roomCelsius' => 20, 'source' => 'file']);
    $rows = "at,temperature_C,humidity_percent,wind_kmh,rain_mm,cloud_percent\n";
    foreach (range(0, 24 * 5) as $hour) {
        $rows .= gmdate('Y-m-d\TH:i:s\Z', 1_782_021_600 + 3600 * $hour) . ($hour < 40 ? ',29' : ',18') . ",55,5,0,0\n";
    }
    Date::setTestNow('2026-06-21T08:00:00Z');
    expect(Notebook::post('/api/weather/files', ['submission' => Notebook::submission(), 'name' => 'warm.csv', 'content' => $rows])->status)->toBe(201);
    $next = static fn(): string => Notebook::get("/api/cases/{$case}")->text('next.1.dueAt');
    expect(Notebook::get("/api/cases/{$case}")->text('next.1.kind'))->toBe('next-round')->and($next())->toStartWith('2026-06-21T');
    Notebook::mixed($case, ['recipe' => 'plain-soap', 'make' => ['amount' => 1, 'unit' => 'L']]);
    expect($next())->toBe('2026-06-23T03:00:00Z');
});

// Common practice, no source: two clean looks a week apart end a programme; looks go on.
it('plans no more rounds once two looks were clean', function (): void {
    $case = sprayedCase();
    $sprays = static fn(): int => count(array_filter(Notebook::get("/api/cases/{$case}/ahead")->list('ahead.entries'), static fn(mixed $one): bool => is_array($one) && $one['kind'] === 'round' && $one['done'] === false));
    expect($sprays())->toBeGreaterThan(0);
    foreach (['2026-06-09T18:00:00Z', '2026-06-17T18:00:00Z'] as $at) {
        Date::setTestNow($at);
        Notebook::post("/api/cases/{$case}/counts", ['submission' => Notebook::submission(), 'value' => 0]);
    }
    expect($sprays())->toBe(0)
        ->and(array_filter(array_keys(calendar()), static fn(string $uid): bool => str_contains($uid, '-spray-')))->toBe([])
        ->and(Notebook::get("/api/cases/{$case}/ahead")->list('ahead.entries'))->not->toBe([]);
});

it('refuses a move that makes no sense', function (array $change, string $path): void {
    $case = sprayedCase();
    $answer = Notebook::post('/api/moves', json_encode([...['submission' => Notebook::submission(), 'kind' => 'count-after', 'ref' => $case, 'plannedAt' => '2026-06-04T18:00:00Z', 'to' => null, 'reason' => 'x'], ...$change], \JSON_THROW_ON_ERROR));
    expect([$answer->status, $answer->text('error.path')])->toBe([422, $path]);
})->with([
    [['kind' => 'party'], '/kind'],
    [['ref' => 0], '/ref'],
    [['to' => 'tomorrow'], '/to'],
    [['to' => '1999-01-01T00:00:00Z'], '/to'],
    [['reason' => ''], '/reason'],
]);

it('gives the calendar to nobody without its key', function (): void {
    $feed = Notebook::get('/api/garden')->text('garden.feed');
    expect(Notebook::get('/calendar/' . str_repeat('0', 32) . '.ics')->status)->toBe(404)
        ->and(Notebook::get($feed)->text)->toContain('BEGIN:VCALENDAR');
});

// By law: Europe/Vienna goes back an hour on 25 October 2026. A round a week after 20 October keeps its hour by the sun of UTC, and no
// look is lost or doubled.
it('loses and doubles nothing when the clock changes', function (): void {
    Date::setTestNow('2026-10-20T16:00:00Z');
    $case = sprayedCase(indoors: true);
    $spray = array_filter(calendar(), static fn(string $uid): bool => str_contains($uid, "case-{$case}-spray"), \ARRAY_FILTER_USE_KEY);
    $days = array_values(array_unique(array_map(static fn(array $one): string => substr($one['start'], 0, 10), $spray)));
    expect(count($days))->toBe(count($spray))->and(Round::query()->count())->toBe(1)
        ->and($spray["case-{$case}-spray-3@idle-mixer.invalid"]['start'])->toBe('2026-11-03');
});

// The first round is on 1 June at 18:00 UTC: in Chatham (12:45 ahead in its winter) that is the morning of the 2nd. Offsets of the IANA time zone database.
it('writes days by the clock of the garden, and hours for whoever reads them', function (string $zone, string $third): void {
    Notebook::put('/api/garden', ['basedOn' => 1, 'place' => ['latitude' => 47.3, 'longitude' => 9.9, 'zone' => $zone], 'roomCelsius' => 20, 'source' => 'station']);
    $case = sprayedCase(indoors: true);
    $entries = calendar();

    expect($entries["case-{$case}-spray-3@idle-mixer.invalid"]['start'])->toBe($third)
        ->and($entries["case-{$case}-count-1@idle-mixer.invalid"]['start'])->toBe('2026-06-04T18:00:00.000Z');
})->with([['UTC', '2026-06-15'], ['America/New_York', '2026-06-15'], ['Pacific/Chatham', '2026-06-16']]);

/*
 * What the time zone database says (https://www.iana.org/time-zones): on 29 March 2026 Vienna goes from one hour ahead of UTC to two,
 * New York has been four behind since the 8th, Chatham is 13:45 ahead until 5 April. Sprayed on the 25th at 18:00 UTC, that is at 19:00, 14:00 and
 * on the 26th at 07:45. Neem is looked at after three days (common practice, no source); half an hour before it rings. Rounds come every seven days of the
 * clock on the wall.
 */
it('keeps times and alarms to the hour of the place, across a change of the clock', function (string $zone, string $look, string $rings): void {
    Date::setTestNow('2026-03-25T18:00:00Z');
    Notebook::put('/api/garden', ['basedOn' => 1, 'place' => ['latitude' => 47.3, 'longitude' => 9.9, 'zone' => $zone], 'roomCelsius' => 20, 'source' => 'station']);
    $case = sprayedCase(indoors: true);
    $all = calendar();
    $first = $all["case-{$case}-count-1@idle-mixer.invalid"];
    $wall = static fn(string $instant): string => (new DateTimeImmutable($instant))->setTimezone(new DateTimeZone($zone))->format('D j M H:i');
    expect([$wall($first['start']), $wall($first['rings'])])->toBe([$look, $rings])
        // A week after the one before, by the days of the place.
        ->and($all["case-{$case}-spray-3@idle-mixer.invalid"])->toMatchArray(['start' => (new DateTimeImmutable($all["case-{$case}-spray-2@idle-mixer.invalid"]['start']))->setTimezone(new DateTimeZone($zone))->modify('+7 days')->format('Y-m-d'), 'day' => true, 'rings' => '']);
})->with([
    ['Europe/Vienna', 'Sat 28 Mar 19:00', 'Sat 28 Mar 18:30'],
    ['America/New_York', 'Sat 28 Mar 14:00', 'Sat 28 Mar 13:30'],
    ['Pacific/Chatham', 'Sun 29 Mar 07:45', 'Sun 29 Mar 07:15'],
]);
