<?php

declare(strict_types=1);

use Tests\Browser\Screen;
use Tests\Browser\Served;

/*
 * What is in the hand: that the first screen answers, that few taps lead there, and that a slip is taken back.
 */

const DESK = [1280, 800];
const PHONE = [390, 844];

/** What of these parts is not whole on the screen, or lies under the apron or the words below. */
const HIDDEN_PARTS = <<<'JS'
    const nav = document.querySelector('.bar nav').getBoundingClientRect();
    const floor = nav.top > innerHeight / 2 ? nav.top : innerHeight;
    const apron = document.querySelector('[data-part="apron"]')?.getBoundingClientRect();
    const hidden = [];
    for (const [css, least] of JSON.parse(arguments[0])) {
        const all = [...document.querySelectorAll(css)].filter((e) => e.checkVisibility());
        const seen = all.filter((e) => {
            const r = e.getBoundingClientRect();
            const under = apron !== undefined && e.closest('[data-part="apron"]') === null ? apron.top : floor;
            return r.top >= -1 && r.left >= -1 && r.right <= innerWidth + 1 && r.bottom <= Math.min(floor, under) + 1;
        });
        if (seen.length < Math.min(least, Math.max(1, all.length))) hidden.push(`${css}: ${seen.length} of ${all.length}`);
    }
    return hidden;
    JS;

/**
 * @param array<string, int> $parts CSS and how many of it at least, where there are so many
 *
 * @return list<string>
 */
function hiddenParts(Screen $screen, array $parts): array
{
    $hidden = $screen->driver->executeScript(HIDDEN_PARTS, [json_encode(array_map(null, array_keys($parts), $parts), \JSON_THROW_ON_ERROR)]);

    return array_values(array_filter((array) $hidden, is_string(...)));
}

function words(Screen $screen): int
{
    $count = $screen->script(<<<'JS'
        const words = (text) => text.split(/\s+/).filter((word) => /[\p{L}\p{N}]/u.test(word)).length;
        let all = 0;
        const walk = (node) => {
            if (node.nodeType === 3) { all += words(node.textContent); return; }
            if (node.nodeType !== 1 || ! node.checkVisibility() || node.classList.contains('sr-only') || node.classList.contains('hidden')) return;
            if (node.tagName === 'SELECT') { all += words(node.selectedOptions[0]?.textContent ?? ''); return; }
            node.childNodes.forEach(walk);
        };
        walk(document.querySelector('main'));
        return all;
        JS);

    return is_int($count) ? $count : 0;
}

it('answers in the first screen of the bench: what, how much, each spoon, how bad, what mends it, what to do', function (string $notebook, int $width, int $height): void {
    Screen::with($notebook === 'demo' ? Served::demo() : Served::bare(), static function (Screen $screen) use ($notebook, $width): void {
        $parts = ['[data-recipe]' => 1, '[data-part="sprayer"] [data-sprayer]' => 1, '[data-spoon]' => $width < 700 ? 4 : 5, '[data-part="verdict"]' => 1, '[data-part="act"]' => 1, '[data-part="remedy"]' => 1];
        $all = $notebook === 'demo' ? ['/bench', '/bench?recipe=mint-oil-by-the-cup&sprayer=3', '/bench?recipe=soap-and-alcohol-by-eye&sprayer=1', '/bench?recipe=mint-mask&sprayer=4&case=7'] : ['/bench'];
        foreach ($all as $path) {
            $screen->open($path)->see('What was checked');
            usleep(400_000);
            if (str_contains($path, 'mint-oil')) {
                unset($parts['[data-part="remedy"]']);
            }
            $parts = array_filter($parts, static fn(string $css): bool => $css !== '[data-part="remedy"]' || $screen->all($css) !== [], \ARRAY_FILTER_USE_KEY);
            expect(hiddenParts($screen, $parts))->toBe([], $path);
        }
        // It never opens on a stop.
        $screen->open('/bench')->see('What was checked');
        expect($screen->all('[data-part="verdict"]')[0]->getAttribute('data-level'))->not->toBe('stop');
    }, $width, $height);
})->with([['demo', ...DESK], ['demo', ...PHONE], ['bare', ...DESK], ['bare', ...PHONE]]);

it('has the step, the sprayer and the tick in the first screen while mixing, whatever the step', function (int $width, int $height): void {
    Screen::with(Served::demo(), static function (Screen $screen): void {
        $screen->open('/bench?recipe=castile-and-kitchen-oil&sprayer=1')->see('Start mixing')->press('Start mixing')->see('Step 1 of');
        for ($i = 0; $i < 40 && ! str_contains($screen->text(), 'It is mixed: save it'); ++$i) {
            usleep(60_000);
            $said = $screen->all('[data-part="step"]')[0]->getText();
            $parts = ['[data-part="step"]' => 1, '[data-part="sprayer"] svg' => 1, '[data-part="tick"]' => 1, '[data-ring]' => 2];
            expect(hiddenParts($screen, $screen->all('[data-ring]') === [] ? array_slice($parts, 0, 3) : $parts))->toBe([], $said)
                ->and(words($screen))->toBeLessThanOrEqual(120, $said);
            $small = $screen->script("return [...document.querySelectorAll('[data-ring], [data-part=tick]')].filter((e) => e.checkVisibility() && Math.min(e.getBoundingClientRect().width, e.getBoundingClientRect().height) < 63.5).length");
            expect($small)->toBe(0, $said);
            $screen->keys('n');
        }
        $screen->see('Anything odd');
    }, $width, $height);
})->with([DESK, PHONE]);

it('keeps to the words that each screen has', function (string $path, int $most): void {
    Screen::with(Served::demo(), static function (Screen $screen) use ($path, $most): void {
        $screen->whole($path);
        $screen->until(static fn(): bool => words($screen) > 20, "{$path} stays empty.");
        usleep(700_000);
        $words = words($screen);
        expect($words)->toBeGreaterThan(20)->toBeLessThanOrEqual($most);
    });
})->with([['/bench', 250], ['/batches/19', 120], ['/cases/6', 200], ['/cases/5', 200], ['/cases/6/choose', 250], ['/cases/5/choose', 250], ['/worked', 300]]);

it('takes one tap from Today to the spoons that are due, and from a plant to the same again, three to a count', function (): void {
    Screen::with(Served::demo(), static function (Screen $screen): void {
        $screen->open('/')->see('Climbing rose');
        // In the dark the weather puts it off until tomorrow: whoever sprays by lamp says so, and the walk is the same at every hour.
        $moved = $screen->later('const done = arguments[0]; fetch("/api/today").then((r) => r.json()).then(({ tasks }) => { const one = tasks.find((task) => task.kind === "next-round" && task.text.includes("Black spot on Climbing rose")); return fetch("/api/moves", { method: "POST", headers: { "Content-Type": "application/json" }, body: JSON.stringify({ submission: crypto.randomUUID(), kind: one.kind, ref: one.ref, plannedAt: one.plannedAt, to: new Date(Date.now() + 600_000).toISOString(), reason: "By lamp" }) }); }).then((r) => done(r.status))');
        expect($moved)->toBe(201);
        $screen->open('/')->press('Mix it: Next round: Black spot on Climbing rose')->see('Start mixing');
        $screen->until(static fn(): bool => $screen->all('[data-spoon]') !== [], 'There are no spoons.');

        // The same once more is asked for where it stands what the plant had; what comes next, core says.
        $screen->open('/')->see('Climbing rose');
        $plant = $screen->later('fetch("/api/plants").then((r) => r.json()).then(({ plants }) => arguments[0](plants.find((one) => one.name === "Climbing rose").id))');
        $screen->open('/plants/' . (is_int($plant) ? $plant : 0))->see('What it had');
        $task = $screen->all('a[href*="again="]')[0];
        $batch = (int) preg_replace('/\D/', '', (string) parse_url($task->getAttribute('href') ?? '', \PHP_URL_QUERY));
        // It may lie under the bar of the phone.
        $screen->driver->executeScript('arguments[0].click()', [$task]);
        $screen->see('Start mixing')->press('Start mixing')->see('spoonfuls are in');
        $mixed = $screen->later('const [a, b, done] = arguments; Promise.all([a, b].map((id) => fetch(`/api/batches/${id}`).then((r) => r.json()))).then(([x, y]) => done([JSON.stringify(x.recipeDocument) === JSON.stringify(y.recipeDocument), x.makeWords === y.makeWords, x.sprayer?.id === y.sprayer?.id, x.case?.id === y.case?.id]))', [$batch, (int) preg_replace('/\D/', '', $screen->path())]);
        expect($mixed)->toBe([true, true, true, true]);

        $screen->open('/')->see('Count spider mites');
        $form = '[data-task="count-after"] form';
        $screen->named("{$form} button", 'One more: How many specks on five papers, ten taps each?')->click();
        $screen->named("{$form} button", 'One more: How many specks on five papers, ten taps each?')->click();
        $screen->script("const f = [...document.querySelectorAll('{$form}')].find((each) => each.textContent.includes('specks on five')); const b = [...f.querySelectorAll('button')].at(-1); b.click(); b.click();");
        $screen->see('The count of 2 specks on five papers, ten taps each is saved.');
        usleep(300_000);
        $counts = $screen->later("fetch('/api/cases/6').then((r) => r.json()).then((c) => arguments[0](c.counts.filter((one) => one.value === 2).length))");
        expect($counts)->toBe(1);
        $screen->press('Undo')->see('is taken back.');
        // Until Today is drawn anew, no step further counts.
        $screen->until(static fn(): bool => $screen->script('return document.querySelector("[data-undo] button:disabled")') === null, 'It is taken back without end.');
        // The way back stays for the next screen, and makes room on the one after.
        $bar = static fn(): int => count($screen->all('[data-undo] button'));
        $screen->press('Plants')->see('Add a plant');
        expect($bar())->toBe(2);
        $screen->press('Shed');
        $screen->until(static fn(): bool => $screen->path() === '/shed' && $bar() === 0, 'The bar is still there.');
    }, ...PHONE);
});

it('takes fourteen taps from an empty notebook to the first spoonful, the shelf filled on the way, and three to a second spray', function (): void {
    Screen::with(Served::bare(), static function (Screen $screen): void {
        $taps = 0;
        $tap = static function (string $name) use ($screen, &$taps): void {
            ++$taps;
            $screen->press($name);
        };
        $screen->open('/');
        $tap('What is on my plant?');
        $tap('Clusters of small soft insects on tips or stems');
        // The sign that was ticked stays while the plant is named, which is added with the case.
        ++$taps;
        $screen->type('Name of the plant', 'Pepper');
        expect($screen->all('button[aria-pressed="true"]'))->toHaveCount(1);
        $tap('Open a case: aphids');
        $screen->see('What is in the house?');
        expect($screen->axe())->toBe('');
        $tap('dish detergent');
        $screen->see('dish detergent is saved.');
        $tap('vegetable oil');
        $screen->see('vegetable oil is saved.')->settle();
        // What can be made of the two stands first, each in a way of its own; the one without a stock to prepare is taken.
        $named = static fn(): array => array_map(static fn($one): string => (string) $one->getAttribute('data-option'), $screen->all('[data-option]'));
        $screen->until(static fn(): bool => array_slice($named(), 0, 2) === ['kitchen-oil-by-the-quart', 'mild-soap'], static fn(): string => implode(', ', $named()));
        ++$taps;
        $screen->press('Mix it: Mild dish or hand wash')->see('What do you spray from?');
        expect($screen->axe())->toBe('');
        $tap('Trigger bottle, 1 L');
        $screen->see('What do you measure with?');
        $tap('US kitchen spoons: 1 tbsp, 1 tsp, ½ tsp, ¼ tsp');
        $screen->see('now yours')->settle();
        expect($screen->all('[data-first-kit]'))->toBe([])->and($screen->text())->toContain('dish detergent')
            ->and($screen->text())->not->toContain('paraffin oil');
        $tap('Start mixing');
        $screen->see('spoonfuls are in');
        while ($screen->all('[data-ring]') === [] && $taps < 20) {
            $tap('Done');
            usleep(150_000);
        }
        ++$taps;
        $ring = $screen->script("return [...document.querySelectorAll('[data-ring]')].find((e) => e.checkVisibility()).getAttribute('aria-label')");
        $screen->press(is_string($ring) ? $ring : '');
        $screen->see('1 of ');
        expect($taps)->toBeLessThanOrEqual(14);

        // The shelf has both, and is asked for no more.
        $screen->open('/shelf')->see('dish detergent')->see('vegetable oil')->see('Can be made now');
        // From Today: bench, start, first step.
        $screen->open('/')->press('Mix a spray')->see('Start mixing')->press('Start mixing')->see('Step 1 of')->press('Done')->see('Step 2 of');
    }, ...PHONE);
});

it('lets a finger pass over the sprayer: it scrolls and sets nothing; only the handle drags', function (): void {
    Screen::with(Served::demo(), static function (Screen $screen): void {
        $screen->open('/bench?recipe=neem-leaf-quart&sprayer=1')->see('What was checked');
        $made = static fn(): ?string => $screen->all('[data-make]')[0]->getAttribute('value');
        expect($made())->toBe('1');
        $screen->swipe($screen->all('[data-sprayer] svg')[0], -260);
        expect($made())->toBe('1')->and($screen->script('return scrollY'))->toBeGreaterThan(60);
        $screen->script('scrollTo(0, 0)');
        usleep(200_000);
        $screen->swipe($screen->all('[role="slider"]')[0], 80);
        expect((float) $made())->toBeLessThan(0.8)->and($screen->script('return scrollY'))->toBe(0);
        $screen->press('Less');
        while ($screen->all('[aria-label="Put the level back"]') !== []) {
            $screen->press('Put the level back');
            usleep(50_000);
        }
        expect($made())->toBe('1')->and($screen->complaints())->toBe([]);
    }, ...PHONE);
});

it('has targets of 44 px everywhere on bench and mixing', function (int $width, int $height): void {
    Screen::with(Served::demo(), static function (Screen $screen): void {
        foreach (['/bench?recipe=neem-leaf-quart&sprayer=1', '/batches/19', '/', '/cases/5', '/plants/2', '/shed'] as $path) {
            $screen->whole($path);
            usleep(400_000);
            $small = $screen->script("return [...document.querySelectorAll('main button, main select, main summary, main .btn, main .act, main .aside-act, nav a, main input:not([type=checkbox]):not([type=radio]):not([type=file])')].filter((e) => e.checkVisibility() && ! e.classList.contains('sr-only') && (e.getBoundingClientRect().height < 43.5 || (e.matches('button') && e.getBoundingClientRect().width < 43.5))).map((e) => e.outerHTML.slice(0, 100))");
            expect($small)->toBe([], $path);
        }
    }, $width, $height);
})->with([DESK, PHONE]);

it('fits 320 px and a page at 200 %, and writes every chart in one size', function (): void {
    Screen::with(Served::demo(), static function (Screen $screen): void {
        foreach (['/', '/bench', '/batches/19', '/plants', '/plants/2', '/cases/6', '/cases/6/choose', '/worked', '/shed', '/look'] as $path) {
            $screen->whole($path);
            foreach ([320, 640] as $width) {
                $screen->resize($width, 600);
                usleep(150_000);
                expect($screen->script('return document.documentElement.scrollWidth - document.documentElement.clientWidth'))->toBe(0, "{$path} at {$width}");
            }
            // A drawing with figures has a sentence of its own, and its text is of one size on any screen.
            $silent = $screen->script("return [...document.querySelectorAll('main svg')].filter((e) => e.querySelector('text') && e.checkVisibility() && ! e.closest('[aria-hidden]') && (e.getAttribute('aria-label') ?? '').split(' ').length < 3).length");
            expect($silent)->toBe(0, $path);
        }
        foreach ([390, 1280] as $width) {
            $screen->resize($width, 800);
            $screen->open('/cases/6')->see('Counts');
            usleep(300_000);
            $sizes = $screen->script("return [...new Set([...document.querySelectorAll('section[aria-label=Counts] svg text')].map((e) => Math.round(e.getScreenCTM().a * parseFloat(getComputedStyle(e).fontSize))))]");
            expect($sizes)->toBe([16], (string) $width);
        }
    });
});

it('draws the border of a field three to one, by day and by night', function (string $theme): void {
    Screen::with(Served::demo(), static function (Screen $screen) use ($theme): void {
        $screen->open('/plants/2')->see('What it is proven to bear');
        $screen->script("document.documentElement.dataset.theme = '{$theme}'; document.querySelectorAll('details').forEach((each) => { each.open = true; })");
        usleep(600_000);
        // WCAG 2.1, relative luminance and contrast ratio; colours are drawn on a canvas, so that any notation is read.
        $least = $screen->script(<<<'JS'
            const context = document.createElement('canvas').getContext('2d', { willReadFrequently: true });
            const rgb = (colour) => { context.fillStyle = colour; context.fillRect(0, 0, 1, 1); return [...context.getImageData(0, 0, 1, 1).data].slice(0, 3); };
            const light = (colour) => rgb(colour).map((v) => v / 255).map((v) => (v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4)).reduce((sum, v, i) => sum + v * [0.2126, 0.7152, 0.0722][i], 0);
            const ratio = (a, b) => { const [x, y] = [light(a), light(b)].sort((p, q) => q - p); return (x + 0.05) / (y + 0.05); };
            const wall = getComputedStyle(document.body).backgroundColor;
            return Math.min(...[...document.querySelectorAll('main .input, main .select, main .textarea')].filter((e) => e.checkVisibility()).map((e) => ratio(getComputedStyle(e).borderTopColor, wall)));
            JS);
        expect($least)->toBeGreaterThanOrEqual(3.0);
    });
})->with(['enamel', 'shed']);

it('prints on white whatever the screen is, the bench card on one page, and no buttons', function (): void {
    Screen::with(Served::demo(), static function (Screen $screen): void {
        foreach (['/bench?recipe=neem-leaf-quart&sprayer=1' => 1, '/labels/19' => 1, '/batches/19' => 2, '/cases/6' => 2, '/worked' => 4, '/plants/2' => 2] as $path => $most) {
            $screen->whole($path);
            usleep(700_000);
            $screen->script("document.documentElement.dataset.theme = 'shed'");
            $pages = preg_match_all('#/Type\s*/Page\b#', $screen->pdf());
            expect($pages)->toBeGreaterThan(0)->toBeLessThanOrEqual($most, $path);
            $screen->onPaper();
            $left = $screen->script("return [...document.querySelectorAll('button, form, select, textarea, nav, .act')].filter((e) => e.checkVisibility()).map((e) => e.outerHTML.slice(0, 90))");
            expect($left)->toBe([], $path)->and($screen->script('return getComputedStyle(document.body).backgroundColor'))->toBe('rgb(255, 255, 255)', $path);
            $screen->offPaper();
        }
    });
});

it('asks nothing of the server for a screen that its page did not bring, and one call at most for one that is gone to', function (): void {
    Screen::with(Served::demo(), static function (Screen $screen): void {
        $asked = static fn(): array => array_values(array_filter($screen->requests(), static fn(string $url): bool => str_contains($url, '/api/')));
        $screen->open('/')->see('Climbing rose');
        $screen->requests();
        foreach (['/' => 'Climbing rose', '/bench' => 'What was checked', '/batches/19' => 'spoonfuls are in', '/plants' => 'Climbing rose', '/plants/2' => 'What it had', '/cases/6' => 'Counts', '/worked' => 'Best first', '/shed' => 'Recipes', '/look' => 'Tick what you see'] as $path => $said) {
            $screen->open($path)->see($said);
            $calls = $asked();
            // The bench asks what the rules say of its case once the plan is there, what was ticked is asked of the suspects, and a case what is
            // seen ahead of it once its row is drawn.
            $beside = array_filter($calls, static fn(string $url): bool => preg_match('#/api/(cases/[\w-]+(/choice|/going-on)?|diagnosis)$#', $url) === 1);
            expect(array_values(array_diff($calls, $beside)))->toBe([], $path);
        }
        foreach (['Plants' => 'Climbing rose', 'Shed' => 'Recipes', 'Worked' => 'Best first', 'Today' => 'Climbing rose'] as $word => $said) {
            $asked();
            $screen->press($word)->see($said);
            // What is kept here for when the line is gone is fetched when nothing else is to be done, and hinders nobody.
            $kept = '#%2Fapi%2Fbatches&get%5B%5D=%2Fapi%2Fcases&get%5B%5D=%2Fapi%2Fleaf-tests$|%2Fapi%2F(jars|leaf-tests%2F\d+|batches%2F\d+|cases%2F\d+)#';
            expect(array_slice(array_values(array_filter($asked(), static fn(string $url): bool => preg_match($kept, $url) === 0)), 1))->toBe([], $word);
        }
    }, listens: true);
});

it('brings little with the first page, and little more with any other', function (): void {
    $folder = Served::root() . '/public/build';
    Served::demo();
    $manifest = json_decode((string) file_get_contents("{$folder}/.vite/manifest.json"), true);
    assert(is_array($manifest));
    $weigh = static function (string ...$entries) use ($manifest, $folder): array {
        $files = [];
        while (($name = array_pop($entries)) !== null) {
            $chunk = is_array($manifest[$name] ?? null) ? $manifest[$name] : [];
            foreach (array_filter([$chunk['file'] ?? '', ...(array) ($chunk['css'] ?? [])], is_string(...)) as $file) {
                if (! isset($files[$file])) {
                    $files[$file] = (int) filesize("{$folder}/{$file}.gz");
                    array_push($entries, ...array_filter((array) ($chunk['imports'] ?? []), is_string(...)));
                }
            }
        }

        return $files;
    };
    $first = $weigh('index.html', 'js/begin.ts');
    expect(array_sum($first + $weigh('js/screens/bench/Bench.svelte')))->toBeLessThanOrEqual(70_000)
        ->and(array_sum($first + $weigh('js/screens/today/Today.svelte')))->toBeLessThanOrEqual(70_000);
    $screens = array_filter(array_keys($manifest), static fn(int|string $name): bool => is_string($name) && str_starts_with($name, 'js/screens/') && is_array($manifest[$name]) && ($manifest[$name]['isDynamicEntry'] ?? false) === true);
    expect(count($screens))->toBeGreaterThan(12);
    foreach ($screens as $screen) {
        expect(array_sum(array_diff_key($weigh($screen), $first)))->toBeLessThanOrEqual(40_000, $screen);
    }
});
