<?php

declare(strict_types=1);

use Tests\Browser\Screen;
use Tests\Browser\Served;

/*
 * Every plant is one row of time: what is drawn is what the API says, at its time; the day stands in the first screen, in few words.
 * Budgets are the house's own.
 */

/** What is drawn on the rows of a screen, and where it should be: by the row of the API and the width of the drawing. */
const READ_BACK = <<<'JS'
    const rows = arguments[0];
    const off = [];
    let read = 0;
    for (const drawing of document.querySelectorAll('[data-row]')) {
        const row = rows.find((one) => String(one.plantId) === drawing.dataset.row);
        const width = drawing.querySelector('svg').viewBox.baseVal.width;
        const [from, now, until] = [row.from, row.now, row.until].map((at) => Date.parse(at));
        const board = Math.round(width * 0.58);
        const x = (at) => (at <= now ? board - 4 - ((now - at) / (now - from)) * (board - 12) : board + 4 + ((at - now) / (until - now)) * (width - board - 12));
        const near = (what, at, seen) => { ++read; if (! (Math.abs(x(Date.parse(at)) - seen) < 1)) { off.push(`${row.name} ${what} ${at}: ${seen}`); } };
        const all = (name) => [...drawing.querySelectorAll(`[data-${name}]`)];
        all('stake').forEach((one) => near('stake', one.dataset.stake, Number(one.getAttribute('d').match(/^M([\d.]+)/)[1])));
        all('dot').forEach((one) => near('dot', one.dataset.dot, one.cx.baseVal.value));
        all('hours').forEach((one) => near('hours', one.dataset.hours, one.x.baseVal.value));
        all('test').forEach((one) => near('test', one.dataset.test, one.transform.baseVal[0].matrix.e));
        all('end').forEach((one) => near('end', one.dataset.end, Number(one.getAttribute('d').match(/^M([\d.]+)/)[1])));
        const many = { stake: row.rounds.length, dot: row.curves.flatMap((one) => one.counts).length, hours: row.hours.length, test: row.tests.length, burn: row.burns.length, end: row.ends.length, act: row.acts.filter((one) => one.at <= row.until).length };
        for (const [name, number] of Object.entries(many)) {
            if (all(name).length !== number) { off.push(`${row.name}: ${all(name).length} of ${number} ${name}`); }
        }
        // On a case what is seen ahead follows, once it is told.
        const label = drawing.querySelector('svg').getAttribute('aria-label');
        const more = label.slice(row.said.length);
        if (! label.startsWith(row.said) || row.said === '' || (more !== '' && ! more.startsWith(' Seen ahead, '))) { off.push(`${row.name} says otherwise`); }
    }
    return [read, off];
    JS;

/** Words that stand in the first screen. */
const WORDS = <<<'JS'
    const end = innerHeight - (document.querySelector('nav').getBoundingClientRect().top > innerHeight / 2 ? 50 : 0);
    const walk = document.createTreeWalker(document.querySelector('main'), NodeFilter.SHOW_TEXT);
    let words = 0;
    while (walk.nextNode()) {
        const range = document.createRange();
        range.selectNodeContents(walk.currentNode);
        const box = range.getBoundingClientRect();
        const of = walk.currentNode.parentElement;
        if (box.height > 2 && box.width > 2 && box.top < end && of.checkVisibility() && of.closest('.sr-only, title') === null) {
            words += walk.currentNode.textContent.split(/\s+/).filter((word) => /[\p{L}\d]/u.test(word)).length;
        }
    }
    return words;
    JS;

/** @return array{mixed, mixed} how much was read, and what lies elsewhere */
function readBack(Screen $screen, string $ask): array
{
    $rows = $screen->later("const done = arguments[arguments.length - 1]; {$ask}");
    $told = $screen->script('const rows = ' . json_encode($rows, \JSON_THROW_ON_ERROR) . '; return (function () {' . READ_BACK . '})(rows)');
    assert(is_array($told) && array_key_exists(0, $told) && array_key_exists(1, $told));

    return [$told[0], $told[1]];
}

it('draws what the API says, each at its time', function (string $path, string $ask, int $least): void {
    Screen::with(Served::untouched(), static function (Screen $screen) use ($path, $ask, $least): void {
        // The row is as it was when the page was asked for.
        $screen->open($path)->until(static fn(): bool => $screen->all('[data-row] svg') !== [], 'No row was drawn.');
        usleep(300_000);
        [$read, $off] = readBack($screen, $ask);
        expect($off)->toBe([])->and($read)->toBeGreaterThanOrEqual($least)->and($screen->complaints())->toBe([]);
    });
})->with([
    'today' => ['/', "fetch('/api/today?zone=Europe/Vienna').then((one) => one.json()).then((one) => done(one.rows))", 20],
    'plants' => ['/plants', "fetch('/api/rows').then((one) => one.json()).then((one) => done(one.rows))", 20],
    'a plant' => ['/plants/2', "fetch('/api/plants/2').then((one) => one.json()).then((one) => done([one.row]))", 6],
    'a case' => ['/cases/6', "fetch('/api/cases/6').then((one) => one.json()).then((one) => done([one.row]))", 6],
]);

it('has four plants with one act each in the first screen, in few words', function (int $width, int $height): void {
    Screen::with(Served::untouched(), static function (Screen $screen): void {
        $screen->whole('/')->see('Lemon in the tub');
        usleep(500_000);
        $below = $screen->script("return (document.querySelector('nav').getBoundingClientRect().top > innerHeight / 2) ? innerHeight - document.querySelector('nav').getBoundingClientRect().top : 0");
        $lines = $screen->script('return [...document.querySelectorAll("li[data-plant]")].filter((line) => { const act = line.querySelector(".act, .btn:not(.btn-ghost)"); return act !== null && act.getBoundingClientRect().bottom <= innerHeight - ' . (is_numeric($below) ? (string) $below : '0') . '; }).length');
        $words = $screen->script(WORDS);
        expect($lines)->toBeGreaterThanOrEqual(4)->and($words)->toBeLessThan(90)
            // One act is the main one.
            ->and($screen->all('main .act'))->toHaveCount(1);
        // Nothing jumps while it is put together.
        $shift = $screen->later("const done = arguments[arguments.length - 1]; let sum = 0; new PerformanceObserver((list) => list.getEntries().forEach((one) => { sum += one.value; })).observe({ type: 'layout-shift', buffered: true }); setTimeout(() => done(sum), 300)");
        expect($shift)->toBeLessThanOrEqual(0.02);
    }, $width, $height);
})->with(['desk' => [1280, 800], 'phone' => [390, 844]]);

/*
 * Words in the first screen at both sizes, and screens that are scrolled at 390 px, each at most.
 */
it('keeps to its budget of words and of height', function (string $path, string $said, int $words): void {
    foreach ([[1280, 800], [390, 844]] as [$width, $height]) {
        Screen::with(Served::untouched(), static function (Screen $screen) use ($path, $said, $words, $width): void {
            $screen->whole($path)->see($said);
            usleep(600_000);
            expect($screen->script(WORDS))->toBeLessThan($words, "{$path} at {$width}");
            if ($width === 390) {
                expect($screen->script("return document.querySelector('main').scrollHeight / innerHeight"))->toBeLessThanOrEqual(2.5, $path);
            }
        }, $width, $height);
    }
})->with([
    'today' => ['/', 'Climbing rose', 90],
    'the day' => ['/day', 'Best next', 120],
    'what worked' => ['/worked', 'Aphids', 150],
    'what is it' => ['/look', 'Anything alive', 120],
    'the shed' => ['/shed', 'Sprayers', 200],
    'batches' => ['/batches', 'Mint mask', 150],
]);

it('draws a typed count as an open dot before it is kept, and as a dot after', function (): void {
    $served = Served::season();
    Screen::with($served, static function (Screen $screen): void {
        $screen->open('/')->see('Lemon in the tub');
        $line = '[data-plant="2"]';
        $dots = static fn(): int => count($screen->all("{$line} [data-dot]"));
        $before = $dots();
        $field = $screen->all("{$line} form input")[0];
        $field->sendKeys('6');
        $screen->until(static fn(): bool => $screen->all("{$line} [data-typed='6']") !== [], 'What was typed is not drawn.');
        $screen->named('button', 'Keep')->click();
        $screen->see('The count of 6');
        $screen->until(static fn(): bool => $dots() === $before + 1 && $screen->all('[data-typed]') === [], 'The count did not land.');
        $screen->press('Undo')->until(static fn(): bool => $dots() === $before, 'It was not taken back.');
        expect($screen->complaints())->toBe([]);
    });
});

it('tells of later, of moves and of other ways where a line is opened', function (): void {
    Screen::with(Served::untouched(), static function (Screen $screen): void {
        $screen->open('/')->see('Climbing rose');
        $line = '[data-plant="' . (string) $screen->all('[data-task="next-round"]')[0]->findElement(Facebook\WebDriver\WebDriverBy::xpath('ancestor::li'))->getAttribute('data-plant') . '"]';
        $screen->all("{$line} .later")[0]->click();
        $screen->see('Which hour')->see('Choose')->see('Skip it');
        expect($screen->all("{$line} [data-move] input"))->toHaveCount(2)->and($screen->axe())->toBe('');
    });
});
