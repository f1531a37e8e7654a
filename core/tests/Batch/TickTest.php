<?php

declare(strict_types=1);

use IdleMixer\Core\Batch\Tick;

/*
 * A device that finds no line sends its tap once more, with the hour of the first; two people at two devices are minutes apart. Common
 * practice, no source; how many seconds part the two is our own limit.
 */
it('takes a tap that is sent twice for one spoonful, and one of another minute for a second', function (string $before, string $at, bool $another): void {
    expect(Tick::isAnother(new DateTimeImmutable($before), new DateTimeImmutable($at)))->toBe($another)
        ->and(Tick::isAnother(new DateTimeImmutable($at), new DateTimeImmutable($before)))->toBe($another);
})->with([
    'the same second' => ['2026-06-10T18:00:00Z', '2026-06-10T18:00:00Z', false],
    'rounded to seconds' => ['2026-06-10T18:00:00Z', '2026-06-10T18:00:01Z', false],
    'a minute apart' => ['2026-06-10T18:00:00Z', '2026-06-10T18:01:00Z', true],
    'ten minutes before' => ['2026-06-10T18:00:00Z', '2026-06-10T17:50:00Z', true],
]);
