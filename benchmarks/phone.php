<?php

declare(strict_types=1);

use Tests\Browser\Screen;
use Tests\Faults\PhoneHouse;

/*
 * What the encrypted door costs: the first paint through it, against the plain door of the same start on this machine. Every
 * opening is a fresh browser with nothing kept, which has the passphrase already; both are taken in turn, and the ratio is that
 * of the medians of one run. Usage: php benchmarks/phone.php [openings]
 */

require __DIR__ . '/../vendor/autoload.php';

(static function (): void {
    $given = is_array($_SERVER['argv'] ?? null) ? $_SERVER['argv'][1] ?? 15 : 15;
    $openings = is_numeric($given) ? (int) $given : 15;
    $house = PhoneHouse::served();
    $cookie = $house->cookie();
    $doors = ['plain, on this machine' => str_replace(['https', '127.0.0.2'], ['http', '127.0.0.1'], $house->doors->bench), 'encrypted' => $house->doors->bench];
    $took = [];
    for ($i = 0; $i <= $openings; ++$i) {
        foreach ($doors as $door => $address) {
            foreach (['/bench', '/'] as $path) {
                Screen::with($address, static function (Screen $screen) use ($path, $cookie, $door, $i, &$took): void {
                    if ($door === 'encrypted') {
                        $screen->bring($cookie);
                    }
                    $screen->open($path);
                    $paint = static fn(): mixed => $screen->script('return performance.getEntriesByName("first-contentful-paint")[0]?.startTime ?? 0');
                    $screen->until(static fn(): bool => $paint() > 0, 'Nothing was painted.');
                    $screen->see('Plants');
                    $at = $paint();
                    // The first of all warms what is the same for both.
                    if ($i > 0 && is_numeric($at)) {
                        $took[$path][$door][] = (float) $at;
                    }
                });
            }
        }
    }
    foreach ($took as $path => $of) {
        $middle = array_map(static function (array $times): float {
            sort($times);

            return $times[intdiv(count($times), 2)];
        }, $of);
        foreach ($middle as $door => $ms) {
            printf("first paint of %-7s %-24s %6.0f ms  %.2f\n", $path, $door, $ms, $ms / ($middle['plain, on this machine'] ?? \NAN));
        }
    }
})();
