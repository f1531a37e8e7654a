<?php

declare(strict_types=1);

use IdleMixer\Core\Ask\Courses;
use IdleMixer\Core\Document\JsonText;

/*
 * Courses with what was recorded on them, and what a careful grower would do next, written down before the code: how it stands, and the next
 * round as day and spray (none where none is). Days count from 1 May. Common practice, no source: soap at moderate pressure every 5 days,
 * neem every 7; two weeks of rest after a burn; two clean looks a week apart end it; two rounds in a row under half change it.
 */

/** @return list<array{on: string, kind: string, recipe: string|null, value: float|int|null, clean: bool|null}> of lines like `3 round plain-soap`, `4 count 12`, `9 look clean` */
function recordedAs(string $lines): array
{
    $start = new DateTimeImmutable('2026-05-01');

    return array_map(static function (string $line) use ($start): array {
        [$day, $kind, $what] = [...explode(' ', trim($line)), ''];

        return [
            'on' => $start->modify("+{$day} days")->format('Y-m-d'),
            'kind' => $kind,
            'recipe' => in_array($kind, ['round'], true) && $what !== '' ? $what : null,
            'value' => is_numeric($what) ? (float) $what : null,
            'clean' => match ($what) {
                'clean' => true, 'found' => false, default => null,
            },
        ];
    }, $lines === '' ? [] : explode(',', $lines));
}

it('goes on from what was recorded as a careful grower would', function (string $trouble, array $methods, int $today, string $record, string $state, string $code, string $next, array $more = []): void {
    /** @var array<string, mixed> $more */
    $start = new DateTimeImmutable('2026-05-01');
    $course = Courses::shipped()->answer(JsonText::parse(json_encode(['trouble' => $trouble, 'methods' => $methods, 'start' => '2026-05-01', 'today' => $start->modify("+{$today} days")->format('Y-m-d'), 'pressure' => 'moderate', 'temperature_C' => 20, 'record' => recordedAs($record), ...$more], \JSON_THROW_ON_ERROR)));
    $rounds = array_values(array_filter($course['next'], static fn(array $act): bool => $act['kind'] === 'round'));
    $said = $rounds === [] ? '' : (int) $start->diff(new DateTimeImmutable($rounds[0]['on']))->format('%r%a') . " {$rounds[0]['recipe']}";
    expect([$course['state'], $course['code'], $said])->toBe([$state, $code, $next], $course['because']);
})->with([
    // Going on.
    'nothing yet' => ['aphids', ['plain-soap'], 0, '', 'go-on', 'on-its-day', '0 plain-soap'],
    'nothing yet, and three days went by' => ['aphids', ['plain-soap'], 3, '', 'go-on', 'on-its-day', '3 plain-soap'],
    'one round, yesterday' => ['aphids', ['plain-soap'], 1, '0 round plain-soap', 'go-on', 'on-its-day', '5 plain-soap'],
    'one round, when the next is due' => ['aphids', ['plain-soap'], 5, '0 round plain-soap', 'go-on', 'on-its-day', '5 plain-soap'],
    'one round, and the next was missed by four days' => ['aphids', ['plain-soap'], 9, '0 round plain-soap', 'go-on', 'overdue', '9 plain-soap'],
    'one round, and nobody came for three weeks' => ['aphids', ['plain-soap'], 26, '0 round plain-soap', 'go-on', 'overdue', '26 plain-soap'],
    'two rounds, the second late' => ['aphids', ['plain-soap'], 10, '0 round plain-soap,9 round plain-soap', 'go-on', 'on-its-day', '14 plain-soap'],
    'three rounds, and fewer are left' => ['aphids', ['plain-soap'], 12, '0 count 60,0 round plain-soap,1 count 20,5 round plain-soap,6 count 8,10 round plain-soap,11 count 3', 'go-on', 'on-its-day', '15 plain-soap'],
    'three rounds, and nobody looked' => ['aphids', ['plain-soap'], 11, '0 round plain-soap,5 round plain-soap,10 round plain-soap', 'go-on', 'looks-left', ''],
    'when it is bad, sooner' => ['aphids', ['plain-soap'], 1, '0 count 200,0 round plain-soap', 'go-on', 'on-its-day', '4 plain-soap', ['pressure' => 'heavy']],
    'when it is light, later' => ['aphids', ['plain-soap'], 1, '0 count 5,0 round plain-soap', 'go-on', 'on-its-day', '7 plain-soap', ['pressure' => 'light']],
    'at a pace of one’s own' => ['aphids', ['plain-soap'], 1, '0 round plain-soap', 'go-on', 'on-its-day', '10 plain-soap', ['everyDays' => 10]],
    'neem a week after alcohol' => ['mealybugs', ['soap-and-alcohol-by-eye', 'mild-neem'], 2, '0 round soap-and-alcohol-by-eye', 'go-on', 'on-its-day', '7 mild-neem'],
    'alcohol ten days after the neem' => ['mealybugs', ['soap-and-alcohol-by-eye', 'mild-neem'], 8, '0 round soap-and-alcohol-by-eye,7 round mild-neem', 'go-on', 'on-its-day', '17 soap-and-alcohol-by-eye'],
    'the neem came two days late, and the alcohol goes by it' => ['mealybugs', ['soap-and-alcohol-by-eye', 'mild-neem'], 10, '0 round soap-and-alcohol-by-eye,9 round mild-neem', 'go-on', 'on-its-day', '19 soap-and-alcohol-by-eye'],
    // Rain.
    'rain the same day, and soap is off' => ['aphids', ['plain-soap'], 1, '0 round plain-soap,0 rain 8', 'go-on', 'washed-off', '1 plain-soap'],
    'rain the next day, and neem is off; a leaf bears it again' => ['aphids', ['neem-leaf-quart'], 2, '0 round neem-leaf-quart,1 rain 12', 'go-on', 'washed-off', '2 neem-leaf-quart'],
    'light rain on oil is borne' => ['flat-mites', ['fine-paraffin-mist'], 1, '0 round fine-paraffin-mist,0 rain 1.5', 'go-on', 'on-its-day', '7 fine-paraffin-mist'],
    'rain a week later takes nothing off' => ['aphids', ['neem-leaf-quart'], 6, '0 round neem-leaf-quart,5 rain 20', 'go-on', 'on-its-day', '7 neem-leaf-quart'],
    'rain does not reach a room' => ['aphids', ['plain-soap'], 1, '0 round plain-soap,0 rain 8', 'go-on', 'on-its-day', '5 plain-soap', ['plant' => ['leaf' => 'ordinary-leaf', 'place' => 'indoors']]],
    'nor the soil of a pot' => ['spider-mites', ['weak-pot-drench'], 1, '0 round weak-pot-drench,0 rain 8', 'go-on', 'on-its-day', '35 weak-pot-drench', ['plant' => 'planted-soil']],
    // Burns and tests.
    'burnt by a third: rest, then a test with half' => ['aphids', ['plain-soap'], 4, '0 round plain-soap,3 burn 30', 'wait', 'burnt', ''],
    'burnt by a third, and another is there: after the rest' => ['aphids', ['plain-soap', 'neem-leaf-quart'], 4, '0 round plain-soap,3 burn 30', 'wait', 'burnt', '17 neem-leaf-quart'],
    'hardly marked' => ['aphids', ['plain-soap'], 4, '0 round plain-soap,3 burn 3', 'go-on', 'on-its-day', '5 plain-soap'],
    'burnt, rested, and a test of it stayed clean' => ['aphids', ['plain-soap'], 21, '0 round plain-soap,3 burn 30,19 test clean', 'go-on', 'overdue', '21 plain-soap'],
    'burnt, rested, and nobody tested' => ['aphids', ['plain-soap'], 21, '0 round plain-soap,3 burn 30', 'wait', 'burnt', ''],
    'a leaf test waits' => ['aphids', ['plain-soap'], 1, '0 test', 'wait', 'leaf-test', '3 plain-soap'],
    'a leaf test was marked' => ['aphids', ['plain-soap'], 4, '0 test found', 'wait', 'burnt', ''],
    'a leaf test was clean' => ['aphids', ['plain-soap'], 3, '0 test clean', 'go-on', 'on-its-day', '3 plain-soap'],
    // It rises, or does not fall.
    'two rounds took hardly any' => ['aphids', ['plain-soap'], 7, '0 count 50,0 round plain-soap,1 count 45,5 round plain-soap,6 count 40', 'change', 'two-poor', ''],
    'two rounds took hardly any, and another way is there' => ['aphids', ['plain-soap', 'neem-leaf-quart'], 7, '0 count 50,0 round plain-soap,1 count 45,5 round plain-soap,6 count 40', 'change', 'two-poor', '12 neem-leaf-quart'],
    'more after each round' => ['aphids', ['plain-soap'], 7, '0 count 20,0 round plain-soap,1 count 40,5 round plain-soap,6 count 90', 'change', 'two-poor', ''],
    'one poor round is not two' => ['aphids', ['plain-soap'], 7, '0 count 50,0 round plain-soap,1 count 45,5 round plain-soap,6 count 10', 'go-on', 'on-its-day', '10 plain-soap'],
    'alcohol and alcohol is no turn' => ['mealybugs', ['mild-alcohol', 'half-alcohol-swab'], 12, '0 count 50,0 round half-alcohol-swab,1 count 45,5 round half-alcohol-swab,6 count 40', 'change', 'two-poor', ''],
    'six in a row, and some are left' => ['aphids', ['plain-soap'], 27, '0 round plain-soap,5 round plain-soap,10 round plain-soap,15 round plain-soap,20 round plain-soap,25 round plain-soap,26 count 5', 'change', 'in-a-row', ''],
    // The end.
    'one clean look' => ['aphids', ['plain-soap'], 12, '0 round plain-soap,5 round plain-soap,10 round plain-soap,11 look clean', 'go-on', 'looks-left', ''],
    'two clean looks a week apart' => ['aphids', ['plain-soap'], 19, '0 round plain-soap,5 round plain-soap,10 round plain-soap,11 look clean,18 look clean', 'end', 'monthly-look', ''],
    'two clean looks, three days apart' => ['aphids', ['plain-soap'], 15, '0 round plain-soap,5 round plain-soap,10 round plain-soap,11 look clean,14 look clean', 'go-on', 'looks-left', ''],
    'clean, found, clean' => ['aphids', ['plain-soap'], 26, '0 round plain-soap,5 round plain-soap,10 round plain-soap,11 look clean,18 look found,25 look clean', 'go-on', 'overdue', '26 plain-soap'],
    'over, and a round more' => ['aphids', ['plain-soap'], 40, '0 round plain-soap,5 round plain-soap,10 round plain-soap,11 look clean,18 look clean,39 round plain-soap', 'go-on', 'looks-left', ''],
    'scale: the season after is the proof' => ['scale', ['fine-paraffin-mist'], 40, '0 round fine-paraffin-mist,12 round fine-paraffin-mist,24 round fine-paraffin-mist,30 look clean,38 look clean', 'end', 'season-look', '', ['pestStage' => 'crawlers']],
    // Prevention.
    'prevention, nothing found: the days grow' => ['aphids', ['neem-leaf-quart'], 15, '0 round neem-leaf-quart,14 look clean,14 round neem-leaf-quart', 'go-on', 'prevention-goes-on', '42 neem-leaf-quart', ['pressure' => 'prevention']],
    'prevention, something seen: they shrink' => ['aphids', ['neem-leaf-quart'], 15, '0 round neem-leaf-quart,14 look found,14 round neem-leaf-quart', 'go-on', 'prevention-goes-on', '24 neem-leaf-quart', ['pressure' => 'prevention']],
]);
