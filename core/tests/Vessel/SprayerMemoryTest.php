<?php

declare(strict_types=1);

use IdleMixer\Core\Vessel\MemoryFinding;
use IdleMixer\Core\Vessel\SprayerMemory;
use IdleMixer\Core\Wording\MemoryWords;

// Common practice, no source: a sprayer that held weed killer is never used for this again; what is topped up over a rest is
// unknown; keep a sprayer for oils, wash it between sprays.
it('remembers what was in a sprayer, and says so before it is filled', function (array $events, ?MemoryFinding $finding): void {
    $rows = [];
    foreach ($events as $event) {
        assert(is_string($event));
        $rows[] = array_pad(explode(' ', $event, 2), 2, '');
    }
    $memory = SprayerMemory::of(array_map(static fn(array $row): array => ['kind' => $row[0], 'spray' => $row[1]], $rows));
    expect($memory->before('neem-leaf'))->toBe($finding);
    if ($finding !== null) {
        foreach ([MemoryWords::shipped()->said($memory, $finding), MemoryWords::shipped()->briefly($memory, $finding)] as $sentence) {
            expect(preg_match('/\A[^{}]+\z/', $sentence))->toBe(1, $sentence);
        }
    }
})->with([
    'new' => [[], null],
    'washed' => [['filled soap', 'emptied', 'washed'], null],
    'the same again, unwashed' => [['filled neem-leaf', 'emptied'], null],
    'another before, unwashed' => [['filled soap', 'emptied'], MemoryFinding::Unwashed],
    'another before, washed, filled and emptied again' => [['filled soap', 'emptied', 'washed', 'filled oil', 'emptied'], MemoryFinding::Unwashed],
    'a rest in it' => [['filled soap'], MemoryFinding::Rest],
    'a rest of the same' => [['filled neem-leaf'], MemoryFinding::Rest],
    'washed with nobody saying that it was empty' => [['filled soap', 'washed'], null],
    'weed killer, once, long ago' => [['weed-killer', 'washed', 'filled soap', 'emptied', 'washed'], MemoryFinding::WeedKiller],
    'weed killer above all' => [['filled soap', 'weed-killer'], MemoryFinding::WeedKiller],
]);

it('never lets a sprayer that had weed killer in it be filled again, and leaves everything else to the hand that fills it', function (): void {
    $final = array_filter(MemoryFinding::cases(), static fn(MemoryFinding $one): bool => $one->isFinal());
    expect(array_values($final))->toBe([MemoryFinding::WeedKiller])->and(count(MemoryFinding::cases()))->toBeGreaterThan(2);
});
