<?php

declare(strict_types=1);

use IdleMixer\Core\Schedule\BurnLooks;

// Common practice, no source: burnt leaves are looked at on the third and the seventh day; after two weeks it shows what became of them.
it('asks to look at burnt leaves on the third and the seventh day', function (string $now, ?string $look): void {
    expect(BurnLooks::next(new DateTimeImmutable('2026-06-01T10:00:00Z'), new DateTimeImmutable($now))?->format('Y-m-d'))->toBe($look);
})->with([
    ['2026-06-01T12:00:00Z', '2026-06-04'], ['2026-06-04T18:00:00Z', '2026-06-04'], ['2026-06-08T09:00:00Z', '2026-06-04'],
    ['2026-06-08T10:00:00Z', '2026-06-08'], ['2026-06-15T09:00:00Z', '2026-06-08'], ['2026-06-15T10:00:01Z', null],
]);
