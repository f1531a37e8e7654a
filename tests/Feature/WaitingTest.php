<?php

declare(strict_types=1);

use App\Models\Count;
use App\Models\Plant;
use App\Notebook\Opened;
use App\Notebook\Places;
use Illuminate\Support\Facades\Date;
use Tests\Feature\Answer;
use Tests\Feature\Contract;
use Tests\Feature\Keys;
use Tests\Feature\Notebook;

/*
 * What waited on a device for long goes out several in a call: what comes of it is what would have come of each by itself.
 */

beforeEach(function (): void {
    Date::setTestNow('2026-06-10T12:00:00Z');
});

/**
 * @param array<string, mixed>  $body
 * @param array<string, string> $headers
 *
 * @return array<string, mixed>
 */
function entryOf(string $path, array $body, array $headers = [], string $method = 'POST'): array
{
    return ['method' => $method, 'path' => $path, 'headers' => (object) $headers, 'body' => (object) $body];
}

/** @param list<array<string, mixed>> $entries */
function sentSeveral(array $entries): Answer
{
    return Notebook::post('/api/waiting', (string) json_encode(['entries' => $entries]));
}

/** @return list<int> */
function statusesOf(Answer $answer): array
{
    return array_map(static fn(mixed $one): int => is_array($one) && is_int($one['status'] ?? null) ? $one['status'] : 0, $answer->list('answers'));
}

it('does each in its order and at its own hour, once, and leaves nothing of what is refused', function (): void {
    $case = Notebook::case(Notebook::plant('Rose'));
    $counts = '/api/cases/' . Keys::of('cases', $case) . '/counts';
    $first = Notebook::submission();
    $answer = sentSeveral([
        entryOf($counts, ['submission' => $first, 'value' => 41], ['Device-Clock' => '2026-06-10T12:00:00Z', 'Acted-At' => '2026-06-08T09:00:00Z']),
        // A clock that is an hour ahead, all the while.
        entryOf($counts, ['submission' => Notebook::submission(), 'value' => 42], ['Device-Clock' => '2026-06-10T13:00:00Z', 'Acted-At' => '2026-06-09T10:00:00Z', 'Acted-Ahead' => '3600', 'Acted-Drift' => '0']),
        entryOf($counts, ['submission' => Notebook::submission(), 'value' => -4]),
        entryOf('/api/plants', ['submission' => Notebook::submission(), 'name' => 'Fig', 'tolerance' => 'ordinary-leaf']),
        entryOf($counts, ['submission' => $first, 'value' => 41]),
        entryOf($counts, ['submission' => $first, 'value' => 40]),
    ]);
    expect($answer->status)->toBe(200)
        ->and(statusesOf($answer))->toBe([201, 201, 422, 201, 200, 409])
        ->and($answer->text('answers.2.body.error.path'))->toBe('/value')
        ->and($answer->text('answers.0.body.saved.key'))->toBe($answer->text('answers.4.body.saved.key'))
        ->and(Count::query()->orderBy('id')->get()->map(static fn(Count $one): string => "{$one->value} {$one->counted_at->format('Y-m-d H:i')}")->all())->toBe(['41 2026-06-08 09:00', '42 2026-06-09 09:00'])
        ->and(Plant::query()->orderBy('id')->pluck('name')->all())->toBe(['Rose', 'Fig'])
        ->and(Contract::faultOf('POST', '/api/waiting', 200, $answer->text))->toBe('');
});

it('writes into no other notebook than each is meant for', function (): void {
    $folder = sys_get_temp_dir() . '/waiting-' . getmypid();
    @mkdir("{$folder}/serve", 0o700, true);
    config(['mixer.data' => $folder]);
    app(Places::class)->remember(new Opened('inside', Places::fileAt(app(Places::class)->notebook), 'b2'));
    $counts = '/api/cases/' . Keys::of('cases', Notebook::case(Notebook::plant())) . '/counts';
    $entry = static fn(string $mark): array => entryOf($counts, ['submission' => Notebook::submission(), 'value' => 3], ['Notebook-Mark' => $mark]);
    $answer = sentSeveral([$entry('a1'), $entry('b2')]);
    exec('rm -rf ' . escapeshellarg($folder));
    expect(statusesOf($answer))->toBe([409, 201])
        ->and([$answer->text('answers.0.mark'), $answer->text('answers.0.body.error.path'), $answer->text('answers.1.mark')])->toBe(['b2', '/mark', 'b2'])
        ->and(Count::query()->count())->toBe(1);
});

it('asks nothing more of what is broken, and says how far it came', function (): void {
    $counts = '/api/cases/' . Keys::of('cases', Notebook::case(Notebook::plant())) . '/counts';
    $times = 0;
    Count::creating(static function () use (&$times): void {
        if (++$times === 2) {
            throw new RuntimeException('The disk went.');
        }
    });
    $entry = static fn(int $value): array => entryOf($counts, ['submission' => Notebook::submission(), 'value' => $value]);
    $answer = sentSeveral([$entry(1), $entry(2), $entry(3)]);
    Count::flushEventListeners();
    expect(statusesOf($answer))->toBe([201, 500])
        ->and($answer->text('answers.1.body.error.message'))->not->toContain('disk went')
        ->and(Count::query()->pluck('value')->all())->toEqual([1]);
});

it('takes nothing that no device would have kept', function (array $entries, string $path): void {
    /** @var list<array<string, mixed>> $entries */
    $answer = sentSeveral($entries);
    expect([$answer->status, $answer->text('error.path')])->toBe([422, $path]);
})->with([
    'none' => [[], '/entries'],
    'more than a call holds' => [array_fill(0, 26, entryOf('/api/plants', [])), '/entries'],
    'itself' => [[entryOf('/api/waiting', ['entries' => []])], '/entries/0/path'],
    'a page' => [[entryOf('/today', [])], '/entries/0/path'],
    'an address that climbs' => [[entryOf('/api/../api/plants', [])], '/entries/0/path'],
    'a question' => [[entryOf('/api/plants', [], [], 'GET')], '/entries/0/method'],
    'a header of its own' => [[entryOf('/api/plants', [], ['X-Forwarded-For' => '127.0.0.1'])], '/entries/0/headers/X-Forwarded-For'],
    'a body that is no object' => [[[...entryOf('/api/plants', []), 'body' => [1]]], '/entries/0/body'],
]);
