<?php

declare(strict_types=1);

use Tests\Browser\Screen;
use Tests\Browser\Served;
use Tests\Faults\Call;
use Tests\Faults\Devices;
use Tests\Faults\Long;
use Tests\Faults\Start;

/*
 * At the bench without a line: the server is stopped, and the browser has only what is on the device.
 */

/** Waits until the device has the shell of every page and what works without a line. */
function onTheDevice(Screen $screen): void
{
    $screen->until(static fn(): bool => $screen->script('return navigator.serviceWorker.controller !== null && document.documentElement.dataset.offline === "ready"') === true, 'No worker took this page.');
}

/** Waits until the device keeps what the server answered there. */
function keptThere(Screen $screen, string $path): void
{
    $screen->until(static fn(): bool => $screen->later(<<<'JS'
        const [path, done] = arguments;
        indexedDB.databases().then((all) => {
            if (!all.some((one) => one.name === 'idle-mixer')) { done(false); return; }
            const asked = indexedDB.open('idle-mixer');
            asked.onsuccess = () => {
                const database = asked.result;
                const found = database.transaction('answers').objectStore('answers').count(path);
                found.onsuccess = () => { database.close(); done(found.result === 1); };
            };
        });
        JS, [$path]) === true, "The device does not keep {$path}.");
}

/** The address of a batch that is being mixed, made through the screens. */
function startedBatch(Screen $screen): string
{
    $screen->open('/bench?recipe=neem-leaf-quart&sprayer=1')->see('Start mixing')->press('Start mixing')->see('spoonfuls are in');

    return $screen->path();
}

/** Ticks all that is to be ticked. */
function tickAll(Screen $screen): void
{
    $screen->until(static function () use ($screen): bool {
        $screen->keys('n');

        return str_contains($screen->text(), 'It is mixed: save it');
    }, 'It is never mixed.');
}

it('goes on without the server: tally, reload, finish and count, each saved once and in order when it is back', function (): void {
    $folder = sys_get_temp_dir() . '/idle-mixer-offline-' . bin2hex(random_bytes(4));
    $options = ['--port', (string) Served::freePort()];
    $start = Start::run($folder, $options);
    $address = $start->awaitUp();
    $ask = static fn(string $path): mixed => json_decode((string) file_get_contents($address . $path), true);

    Screen::with($address, static function (Screen $screen) use (&$start, $folder, $options, $address, $ask): void {
        $screen->open('/')->see('Climbing rose');
        onTheDevice($screen);
        $screen->open('/cases/6')->see('Counts');
        keptThere($screen, '/api/cases/6');
        $batch = startedBatch($screen);
        $screen->keys('n')->see('spoonfuls are in');
        keptThere($screen, '/api' . $batch);
        expect($start->interrupt())->toBe(0);

        // In the middle of the tally nothing answers any more; then the phone dies.
        for ($i = 0; $i < 4; ++$i) {
            $screen->keys('n');
        }
        $screen->see('No line to the machine that serves')->see('wait on this device');
        $before = preg_match('/\d+ of \d+ spoonfuls are in/', $screen->text(), $found) === 1 ? $found[0] : '';
        $screen->open($batch)->see($before)->see('No line to the machine that serves');
        expect($screen->axe())->toBe('');
        // What happens to a mix is said without a line, too.
        $screen->press('Something went wrong')->press('A quarter was spilled')->see('is kept on this device')->press('Something went wrong');
        tickAll($screen);
        $screen->type('Anything odd', 'mixed without a line')->press('Save the batch')->see('Finished on this device');
        // What it is for is opened, counted, and opened again.
        $screen->open('/cases/6')->see('Counts')->press('Count');
        $screen->tick('Only a total');
        $screen->type('How many', '37')->press('Save the count')->see('A count of 37 is kept on this device');
        $screen->open('/bench')->see('What was checked');
        $screen->type('Make', '3')->see('A new plan needs the machine that serves');
        // The strip has the last plan a moment later than the bench says that there is none anew.
        $screen->until(static fn(): bool => $screen->all('[data-strip] [data-plan]') !== [], 'The last plan is not offered.');
        $screen->all('[data-strip] [data-plan]')[0]->click();
        $screen->see('What was checked');

        // It is back: everything once, in the order in which it was entered, and when it was entered.
        $start = Start::run($folder, $options);
        $start->awaitUp();
        $screen->nothingWaits();
        $made = $ask('/api' . $batch);
        assert(is_array($made) && is_array($made['items']));
        $scoops = array_merge(...array_map(static fn(mixed $item): array => is_array($item) && is_array($item['scoops']) ? $item['scoops'] : [], $made['items']));
        expect(is_array($made['bottle']) ? $made['bottle']['state'] : null)->toBeIn(['mixed', 'standing'])->and($made['notes'])->toBe('mixed without a line')->and($made['lines'])->toHaveCount(1)
            ->and(array_filter($scoops, static fn(mixed $scoop): bool => ! is_array($scoop) || ! is_array($scoop['ticked']) || count($scoop['ticked']) !== $scoop['count']))->toBe([]);
        $counts = [];
        $case = $ask('/api/cases/6');
        foreach (is_array($case) && is_array($case['counts']) ? $case['counts'] : [] as $count) {
            if (is_array($count) && in_array($count['value'], [37, 37.0], true) && is_string($count['countedAt'])) {
                $counts[] = (int) strtotime($count['countedAt']);
            }
        }
        expect($counts)->toHaveCount(1)->and($counts[0])->toBeGreaterThanOrEqual(is_string($made['madeAt']) ? (int) strtotime($made['madeAt']) : \PHP_INT_MAX)->toBeLessThan(time() - 1);

        // Without a line again; meanwhile another device finishes the same batch otherwise.
        $batch = startedBatch($screen);
        keptThere($screen, '/api' . $batch);
        $start->interrupt();
        tickAll($screen);
        $screen->type('Anything odd', 'as I saw it')->press('Save the batch')->see('Finished on this device')->driver->get('about:blank');
        $start = Start::run($folder, $options);
        $start->awaitUp();
        Devices::one($address, new Call('POST', '/api' . $batch . '/finish', ['standTest' => 'not-done', 'notes' => 'as somebody else saw it']));
        $screen->open($batch)->see('as somebody else saw it')->see('as I saw it');
        expect($screen->axe())->toBe('');
        // The ticks of a batch that is finished by now are told once, not one by one.
        $screen->see('× A tick of the tally')->press('I have seen it')->press('Put yours in its place');
        $screen->nothingWaits();
        $now = $ask('/api' . $batch);
        expect(is_array($now) ? $now['notes'] : null)->toBe('as I saw it');
        $screen->see('as I saw it');
        $start->interrupt();
    });
    exec('rm -rf ' . escapeshellarg($folder));
});

it('says that the device is full, keeps what was entered as long as the page, and sends it all the same', function (): void {
    Screen::with(Served::season(), static function (Screen $screen): void {
        $batch = startedBatch($screen);
        $screen->open($batch)->see('spoonfuls are in');
        onTheDevice($screen);
        // Chromium lets small writes through whatever room it was told there is: its database answers as a full one does.
        $screen->script('IDBObjectStore.prototype.put = () => { throw new DOMException("full", "QuotaExceededError"); }');
        $screen->cutLine();
        $screen->keys('n')->see('This device has no room left')->see('1 entry waits on this device');
        expect($screen->axe())->toBe('');
        $screen->mendLine();
        $screen->until(static fn(): bool => $screen->all('[data-strip]') === [], 'It is not sent.');
        $screen->open($batch)->see('spoonfuls are in');
        expect($screen->script('return document.querySelector("[data-step-number]")?.innerText ?? ""'))->toContain('2');
    });
});

/** Lets so many entries like the one that waits wait on this device, an hour apart until now, and none but them. */
function manyWait(Screen $screen, int $many): void
{
    $screen->later(<<<'JS'
        const [many, done] = arguments;
        const asked = indexedDB.open('idle-mixer');
        asked.onsuccess = () => {
            const box = asked.result.transaction('outbox', 'readwrite').objectStore('outbox');
            const found = box.getAll();
            found.onsuccess = () => {
                const [like] = found.result;
                box.clear();
                for (let i = 0; i < many; i++) {
                    const at = new Date(Date.now() - (many - i) * 3_600_000).toISOString().replace(/\.\d+Z/, 'Z');
                    box.put({ ...like, id: like.id + i, at, known: 0, body: { ...like.body, submission: crypto.randomUUID(), value: i + 1 } });
                }
                box.transaction.oncomplete = () => { asked.result.close(); done(true); };
            };
        };
        JS, [$many]);
}

// Somebody was away for weeks and comes home: in order, once, and while one can watch.
it('sends what waited for weeks in one go, in its order and once, and shows how far it is', function (): void {
    Screen::with(Served::season(), static function (Screen $screen): void {
        $screen->open('/plants');
        $plant = $screen->made('/api/plants', '{"name":"Pot rose","kind":"Rose","tolerance":"ordinary-leaf"}');
        $case = $screen->made('/api/cases', '{"plantId":' . $plant . ',"pest":"aphids","openedAt":"' . gmdate('Y-m-d\TH:i:s\Z', time() - 30 * 86_400) . '"}');
        $screen->open("/cases/{$case}")->see('Counts')->cutLine();
        $screen->press('Count')->tick('Only a total');
        $screen->type('How many', '1')->press('Save the count')->see('A count of 1 is kept on this device');
        $many = Long::times(120, 500);
        manyWait($screen, $many);
        $screen->open('/shed')->see('is being sent');
        $began = microtime(true);
        $left = -1;
        $screen->until(static function () use ($screen, &$left): bool {
            $now = $screen->waiting();
            $isFewer = $left < 0 || $now <= $left;
            $left = $now;

            return $isFewer && $now === 0;
        }, 'Something still waits.');
        Long::tell('weeks', ['entries' => $many, 'seconds until none waited' => round(microtime(true) - $began, 1)]);
        $counts = $screen->later("const [done] = arguments; fetch('/api/cases/{$case}').then((answer) => answer.json()).then(({ counts }) => done(counts.map((one) => one.value)))");
        expect($counts)->toEqual(range(1, $many));
    });
});
