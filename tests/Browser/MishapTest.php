<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Screen;
use Tests\Browser\Served;

it('shows Today and a plant whose case has several neighbours to look over, and moves one of them by itself', function (): void {
    Screen::with(Served::bare(), static function (Screen $screen): void {
        $screen->open('/')->see('Today');
        $plants = array_map(static fn(string $name): int => $screen->made('/api/plants', '{"name": "' . $name . '", "tolerance": "ordinary-leaf", "place": "Long bench by the wall"}'), ['Tall pepper', 'Short pepper', 'Wide pepper', 'Odd pepper']);
        $case = $screen->made('/api/cases', '{"plantId": ' . $plants[0] . ', "pest": "aphids"}');

        foreach (['/', "/plants/{$plants[0]}"] as $path) {
            $screen->whole($path);
            expect($screen->all('[data-task="look-over"]'))->toHaveCount(3, $path)->and($screen->all('[data-mishap]'))->toBe([]);
        }
        expect($screen->all('[data-task="look-over"] a')[0]->getAttribute('href'))->toEndWith("/cases/{$case}/choose");

        $moved = $screen->later('const done = arguments[0]; fetch("/api/today").then((r) => r.json()).then(({ tasks }) => { const one = tasks.find((task) => task.kind === "look-over"); return fetch("/api/moves", { method: "POST", headers: { "Content-Type": "application/json" }, body: JSON.stringify({ submission: crypto.randomUUID(), kind: one.kind, ref: one.ref, plannedAt: one.plannedAt, to: null, reason: "Given away" }) }); }).then((r) => done(r.status))');
        expect($moved)->toBe(201);
        $screen->whole('/');
        expect($screen->all('[data-task="look-over"]'))->toHaveCount(2);
    });
});

it('says in a sentence that a screen cannot be shown, with ways on', function (): void {
    Screen::with(Served::bare(), static function (Screen $screen): void {
        $screen->whole('/shed');
        // Every answer has the shape of none that a screen knows.
        $screen->script('window.fetch = (asked) => { const all = new URL(asked.url).searchParams.getAll("get[]"); const none = { plants: [null], cases: [], leafTests: [], tolerance: [], courses: [], next: null }; return Promise.resolve(Response.json(all.length === 0 ? none : Object.fromEntries(all.map((path) => [path, { status: 200, body: none }])))); };');
        $screen->press('Plants')->see('This screen cannot be shown')->see('Nothing that you saved is lost');
        expect($screen->shown())->not->toContain('One moment')->and($screen->axe())->toBe('');
        // What failed comes when it is loaded anew.
        $screen->press('Load it again')->see('What is on my plant?');
        expect($screen->all('[data-mishap]'))->toBe([]);
    });
});

it('says that something went wrong where a handler fails, and leaves the screen', function (): void {
    Screen::with(Served::bare(), static function (Screen $screen): void {
        $screen->before('window.addEventListener("keydown", (event) => { if (event.key === "F9") throw new TypeError("a fault"); });');
        $screen->whole('/plants')->keys(WebDriverKeys::F9)->see('Something on this screen went wrong')->see('What is on my plant?');
        // A warning of the browser is none.
        $screen->whole('/plants');
        $screen->script('window.dispatchEvent(new ErrorEvent("error", { message: "ResizeObserver loop completed" }));');
        expect($screen->text())->not->toContain('went wrong');
    });
});

it('says that the scripts did not come', function (): void {
    Screen::with(Served::bare(), static function (Screen $screen): void {
        $screen->withhold('*/build/assets/begin*');
        $screen->open('/')->see('The scripts did not come');
        $screen->withhold();
        $screen->press('Load it again')->whole('/plants')->see('What is on my plant?');
        expect($screen->shown())->not->toContain('did not come');
    });
});
