<?php

declare(strict_types=1);

use Tests\Browser\Screen;
use Tests\Browser\Served;

/*
 * How many pictures a second follow a finger that draws a round over what is seen ahead, in Chromium slowed down four times, and how many the
 * same page makes while nothing moves. Usage: php benchmarks/drag.php
 */

require __DIR__ . '/../vendor/autoload.php';

const PICTURES = <<<'JS'
    const [moves, done] = arguments;
    const handle = document.querySelector('[data-handle]');
    const svg = handle.ownerSVGElement.getBoundingClientRect();
    const at = (x) => ({ clientX: x, clientY: svg.bottom - 40, pointerId: 1, bubbles: true });
    handle.setPointerCapture = () => undefined;
    if (moves) handle.dispatchEvent(new PointerEvent('pointerdown', at(svg.left + svg.width / 2)));
    const times = [];
    let before = performance.now();
    const step = () => {
        const now = performance.now();
        times.push(now - before);
        before = now;
        if (moves) handle.dispatchEvent(new PointerEvent('pointermove', at(svg.left + svg.width * (0.5 + 0.4 * Math.sin(times.length / 8)))));
        if (times.length < 120) requestAnimationFrame(step);
        else {
            if (moves) handle.dispatchEvent(new PointerEvent('pointerup', at(svg.left)));
            done(times.slice(1).toSorted((a, b) => a - b));
        }
    };
    requestAnimationFrame(step);
    JS;

Screen::with(Served::demo(), static function (Screen $screen): void {
    $screen->open('/cases/6')->see('Seen ahead');
    $screen->script('document.querySelector("[data-seen-ahead] summary").click()');
    $screen->see('Left alone:')->press('Choose the days')->see('Have it so');
    $screen->settle();
    $screen->slowed(4);
    $screen->script('document.querySelector("[data-ahead-drawing]").scrollIntoView()');
    echo "| | pictures a second, middle | slowest tenth |\n|---|---|---|\n";
    foreach (['nothing moves' => false, 'a round is drawn' => true] as $name => $moves) {
        $times = $screen->later(PICTURES, [$moves]);
        $times = is_array($times) ? array_values(array_filter($times, is_numeric(...))) : [];
        $rate = static fn(float $share): float => 1000.0 / (float) $times[(int) (count($times) * $share)];
        printf("| %s | %.0f | %.0f |\n", $name, $rate(0.5), $rate(0.9));
    }
});
