<?php

declare(strict_types=1);

use Tests\Browser\Screen;
use Tests\Browser\Served;

/*
 * What a screen says of a moment is the hour on the wall where the device is: reckoned here by PHP's own zones, not by the screen's.
 */
it('says on the label until when it may be used, by the clock of the device', function (string $zone): void {
    Screen::with(Served::demo(), static function (Screen $screen) use ($zone): void {
        $screen->inZone($zone);
        $screen->whole('/labels/18');
        $batch = $screen->later("const done = arguments[arguments.length - 1]; fetch('/api/batches/18').then((answer) => answer.json()).then(done)");
        assert(is_array($batch) && is_string($batch['madeAt'] ?? null) && is_string($batch['discardAt'] ?? null));
        $wall = static fn(string $instant): string => (new DateTimeImmutable($instant))->setTimezone(new DateTimeZone($zone))->format('D j M, H:i');
        $months = static fn(string $said): string => str_replace(['Sept', ','], ['Sep', ''], $said);
        $screen->inZone('');
        expect($months($screen->all('[data-until]')[0]->getText()))->toBe($months('by ' . $wall($batch['discardAt'])))
            ->and($batch['discardAt'])->not->toBe($batch['madeAt']);
    });
})->with(['Europe/Vienna', 'America/New_York', 'Pacific/Chatham']);
