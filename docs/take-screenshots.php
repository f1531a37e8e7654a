<?php

declare(strict_types=1);

/*
 * Takes the pictures of docs/screenshots from the demo season. Usage: php docs/take-screenshots.php
 */

require __DIR__ . '/../vendor/autoload.php';

use Tests\Browser\Screen;
use Tests\Browser\Served;

/** name => [address, width, height, theme, script to run first] */
$pictures = [
    'today' => ['/', 1280, 800, 'enamel', ''],
    'bench' => ['/bench?recipe=neem-leaf-quart&case=8&sprayer=1', 1280, 1100, 'enamel', ''],
    'bench-phone-dark' => ['/bench?recipe=kitchen-oil-by-the-quart&sprayer=3', 390, 844, 'shed', 'document.querySelector("[data-plan]").scrollIntoView()'],
    'mixing' => ['/batches/19', 1280, 800, 'enamel', ''],
    'mixing-phone' => ['/batches/19', 390, 844, 'enamel', ''],
    'batch' => ['/batches/16', 1280, 900, 'enamel', ''],
    'batches' => ['/batches', 1280, 800, 'enamel', ''],
    'leaf-tests' => ['/leaf-tests', 1280, 800, 'enamel', ''],
    'leaf-test' => ['/leaf-tests/4', 1280, 800, 'enamel', ''],
    'look' => ['/look', 1280, 900, 'enamel', '[...document.querySelectorAll("main button")].filter((b) => /sticky shine|Ants going/.test(b.textContent)).forEach((b) => b.click()); window.scrollTo(0, 0)'],
    'choose' => ['/cases/5/choose', 1280, 1000, 'enamel', ''],
    'choose-phone' => ['/cases/8/choose', 390, 844, 'enamel', 'document.querySelector("[data-option]").scrollIntoView()'],
    'cases' => ['/cases', 1280, 800, 'enamel', ''],
    'case' => ['/cases/6', 1280, 1000, 'enamel', ''],
    'case-phone-dark' => ['/cases/6', 390, 844, 'shed', ''],
    'worked' => ['/worked', 1280, 1000, 'enamel', ''],
    'shed' => ['/shed', 1280, 800, 'enamel', ''],
];
foreach ($pictures as $name => [$path, $width, $height, $theme, $script]) {
    Screen::with(Served::demo(), static function (Screen $screen) use ($name, $path, $theme, $script): void {
        $screen->open('/nothing');
        $screen->script("localStorage.setItem('idle-mixer-theme', '{$theme}')");
        $screen->open($path);
        $screen->until(static fn(): bool => $screen->all('main h1') !== [] && ! str_contains($screen->text(), 'One moment'), "{$path} did not come up.");
        usleep(600_000);
        if ($script !== '') {
            $screen->script($script);
            usleep(700_000);
        }
        $screen->driver->takeScreenshot(__DIR__ . "/screenshots/{$name}.png");
    }, $width, $height);
    echo "{$name}\n";
}
