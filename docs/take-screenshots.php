<?php

declare(strict_types=1);

use Tests\Browser\Screen;
use Tests\Browser\Served;

/*
 * Takes the pictures of docs/screenshots from the demo season. Usage: php docs/take-screenshots.php
 */

require __DIR__ . '/../vendor/autoload.php';


/** name => [address, width, height, theme, script to run first] */
$pictures = [
    'today' => ['/', 1280, 800, 'enamel', ''],
    'bench' => ['/bench?recipe=neem-leaf-quart&case=8&sprayer=1', 1280, 800, 'enamel', ''],
    'bench-phone-dark' => ['/bench?recipe=kitchen-oil-by-the-quart&sprayer=3', 390, 844, 'shed', ''],
    'mixing' => ['/batches/19', 1280, 800, 'enamel', ''],
    'way-out' => ['/batches/19', 1280, 1000, 'enamel', <<<'JS'
        const label = (text) => [...document.querySelectorAll('label')].find((l) => l.textContent.trim().startsWith(text)).querySelector('input');
        const type = (text, value) => { const field = label(text); field.value = value; field.dispatchEvent(new Event('input', { bubbles: true })); };
        [...document.querySelectorAll('main button')].find((b) => b.textContent.trim() === 'Something went wrong').click();
        setTimeout(() => { type('At least', '4'); type('At most', '6'); }, 150);
        setTimeout(() => document.querySelector('[data-ways]').scrollIntoView({ block: 'center' }), 500);
        JS],
    'batch' => ['/batches/16', 1280, 900, 'enamel', ''],
    'batches' => ['/batches', 1280, 800, 'enamel', ''],
    'leaf-test' => ['/leaf-tests/4', 1280, 800, 'enamel', ''],
    'look' => ['/look', 1280, 900, 'enamel', '[...document.querySelectorAll("main button")].filter((b) => /sticky shine|Ants going/.test(b.textContent)).forEach((b) => b.click()); window.scrollTo(0, 0)'],
    'choose' => ['/cases/5/choose', 1280, 1000, 'enamel', ''],
    'plants' => ['/plants', 1280, 800, 'enamel', ''],
    'plant' => ['/plants/2', 1280, 900, 'enamel', ''],
    'case' => ['/cases/6', 1280, 1000, 'enamel', ''],
    'worked' => ['/worked', 1280, 1000, 'enamel', ''],
    'sprayer' => ['/sprayers/2', 1280, 900, 'enamel', ''],
    'write' => ['/recipes/write', 1280, 900, 'enamel', <<<'JS'
        const field = document.querySelector('textarea');
        field.value = '1 gallon of water\n2 to 4 tbsp neem\na squirt of castile\n1 oz alcohol 91 %\n2 tbsp tobacco';
        field.dispatchEvent(new Event('input', { bubbles: true }));
        JS],
    'compare' => ['/recipes/compare?left=kitchen-oil-by-the-quart&right=mint-oil-by-the-cup', 1280, 1000, 'enamel', ''],
    'sums' => ['/sums', 1280, 850, 'enamel', ''],
    'shed' => ['/shed', 1280, 800, 'enamel', ''],
];
foreach ($pictures as $name => [$path, $width, $height, $theme, $script]) {
    Screen::with(Served::demo(), static function (Screen $screen) use ($name, $path, $theme, $script): void {
        $screen->open('/nothing');
        $screen->script("localStorage.setItem('idle-mixer-theme', JSON.stringify('{$theme}'))");
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
