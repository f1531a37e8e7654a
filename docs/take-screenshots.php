<?php

declare(strict_types=1);

use Tests\Browser\Screen;
use Tests\Browser\Served;

/*
 * Takes the pictures of docs/screenshots from the demo season. Usage: php docs/take-screenshots.php [name …]
 */

require __DIR__ . '/../vendor/autoload.php';


/** Begins a walk through the bed and goes to its first plant; on a copy of the demo that is thrown away. */
const RUN = <<<'JS'
    const send = (method, path, body) => fetch(path, { method, headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(body) }).then((answer) => answer.json());
    send('POST', '/api/runs', { submission: crypto.randomUUID(), batchId: 18, caseIds: [7, 8], override: 'For the picture.' }).then(async (run) => {
        for (const step of ['protect', 'knock-back', 'check', 'shake-1']) {
            await send('PUT', `/api/runs/${run.key}/steps/${step}`, { done: true });
        }
        location.assign(`/runs/${run.id}`);
    });
    JS;

/** Begins a trial of two sprays on marked leaves and counts them once, with counts made up, on a copy of the demo that is thrown away. */
const TRIAL = <<<'JS'
    const send = (method, path, body) => fetch(path, { method, headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(body) }).then((answer) => answer.json());
    const long = (hours) => new Date(Date.now() - 3_600_000 * hours).toISOString().slice(0, 19) + 'Z';
    send('POST', '/api/trials', { submission: crypto.randomUUID(), pest: 'aphids', name: 'Soap against oil on the lemon', oneRecipe: 'plain-soap', otherRecipe: 'kitchen-oil-by-the-quart', plantIds: [2], unit: 'leaf', units: 20 }).then(async (trial) => {
        const look = (counts, hours) => send('POST', `/api/trials/${trial.key}/looks`, { submission: crypto.randomUUID(), counts, countedAt: long(hours) });
        await look(trial.lots.map((_, i) => 9 + ((i * 7) % 8)), 60);
        location.assign(`/trials/${trial.id}`);
    });
    JS;

/** Keeps twenty orchids clean together, on a copy of the demo that is thrown away. */
const COURSE = <<<'JS'
    const send = (method, path, body) => fetch(path, { method, headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(body) }).then((answer) => answer.json());
    const orchids = { count: 20, name: 'Orchid', tolerance: 'tough-leaf', place: 'The rack', indoors: true };
    send('POST', '/api/courses', { submission: crypto.randomUUID(), name: 'The orchid rack', pest: 'mealybugs', recipes: ['neem-by-the-gallon'], plantIds: [], newPlants: orchids }).then((course) => location.assign(`/courses/${course.id}#look`));
    JS;

/** Puts bottles on the shelf, on a copy of the demo that is thrown away. */
const SHELF = <<<'JS'
    const day = (ago) => new Date(Date.now() - 86_400_000 * ago).toISOString().slice(0, 10);
    const put = (words, ingredient, amount, unit, tenths, more = {}) => fetch('/api/shelf', { method: 'POST', headers: { 'Content-Type': 'application/json' }, body: JSON.stringify({ submission: crypto.randomUUID(), words, ingredient, amount, unit, tenths, ...more }) });
    Promise.all([
        put('Neem, cold pressed', 'neem-oil', 100, 'mL', 1, { price: 12, openedOn: day(400) }),
        put('Baby mild castile', 'castile-soap', 500, 'mL', 7, { price: 9 }),
        put('Sunflower oil', 'vegetable-oil', 1, 'L', 5, { price: 3 }),
        put('Rubbing alcohol', 'isopropyl-alcohol', 250, 'mL', 3, { price: 4, strength: 91 }),
    ]).then(() => location.assign('/shelf?case=6'));
    JS;

/** name => [address, width, height, theme, script to run first] */
$pictures = [
    'today' => ['/', 1280, 800, 'enamel', ''],
    'bench' => ['/bench?recipe=neem-leaf-quart&case=8&sprayer=1', 1280, 800, 'enamel', ''],
    'bench-phone-dark' => ['/bench?recipe=kitchen-oil-by-the-quart&sprayer=3', 390, 844, 'shed', ''],
    'mixing' => ['/batches/19', 1280, 800, 'enamel', ''],
    'batch' => ['/batches/16', 1280, 900, 'enamel', ''],
    'day' => ['/day', 1280, 900, 'enamel', 'document.querySelectorAll(".day")[2].click()'],
    'run-phone' => ['/bed?batch=18', 390, 844, 'enamel', RUN],
    'leaf-test' => ['/leaf-tests/7', 1280, 900, 'enamel', ''],
    'look' => ['/look', 1280, 900, 'enamel', '[...document.querySelectorAll("main button")].filter((b) => /sticky shine|Ants going/.test(b.textContent)).forEach((b) => b.click()); window.scrollTo(0, 0)'],
    'choose' => ['/cases/5/choose', 1280, 1000, 'enamel', ''],
    'plants' => ['/plants', 1280, 800, 'enamel', ''],
    'plant' => ['/plants/2', 1280, 900, 'enamel', ''],
    'case' => ['/cases/6', 1280, 1900, 'enamel', 'document.querySelector("[data-seen-ahead] summary").click()'],
    'worked' => ['/worked', 1280, 1000, 'enamel', ''],
    'trial' => ['/trials', 1280, 900, 'enamel', TRIAL],
    'course' => ['/plants', 1280, 900, 'enamel', COURSE],
    'write' => ['/recipes/write', 1280, 900, 'enamel', <<<'JS'
        const field = document.querySelector('textarea');
        field.value = '1 gallon of water\n2 to 4 tbsp neem\na squirt of castile\n1 oz alcohol 91 %\n2 tbsp tobacco';
        field.dispatchEvent(new Event('input', { bubbles: true }));
        JS],
    'shelf' => ['/shed', 1280, 1000, 'enamel', SHELF],
    'shed' => ['/shed', 1280, 800, 'enamel', ''],
];
$only = array_slice($argv, 1);
foreach ($only === [] ? $pictures : array_intersect_key($pictures, array_flip($only)) as $name => [$path, $width, $height, $theme, $script]) {
    Screen::with(Served::demo(), static function (Screen $screen) use ($name, $path, $theme, $script): void {
        // Where the demo garden lies: what is on the page and what is told of the place are the same hours.
        $screen->inZone('Europe/Vienna');
        $screen->open('/nothing');
        $screen->script("localStorage.setItem('idle-mixer-theme', JSON.stringify('{$theme}'))");
        $screen->open($path);
        $screen->until(static fn(): bool => $screen->all('main h1') !== [] && ! str_contains($screen->text(), 'One moment'), "{$path} did not come up.");
        usleep(600_000);
        if ($script !== '') {
            $screen->script($script);
            if (str_contains($script, 'location.assign')) {
                $screen->until(static fn(): bool => $screen->path() !== strtok($path, '?') && $screen->all('main h1') !== [] && ! str_contains($screen->text(), 'One moment'), "{$name} did not go on to its screen.");
            }
            usleep(900_000);
        }
        $screen->driver->takeScreenshot(__DIR__ . "/screenshots/{$name}.png");
    }, $width, $height);
    echo "{$name}\n";
}
