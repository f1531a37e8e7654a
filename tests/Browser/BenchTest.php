<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Screen;
use Tests\Browser\Served;
use Tests\Browser\Walk;

/** CSS defines the inch as 96 px, and 25.4 mm are an inch. */
const PX_PER_MM = 96 / 25.4;

function numberIn(string $pattern, string $text): float
{
    expect(preg_match($pattern, $text, $found))->toBe(1, "{$pattern} is not in: {$text}");

    return (float) ($found[1] ?? 0);
}

it('loses no tick: through a reload, a dead line and on a second device', function (): void {
    Screen::with(Served::demo(), static function (Screen $screen): void {
        $screen->open('/bench?recipe=neem-leaf-quart&sprayer=3')->see('Start mixing')->press('Start mixing')->see('0 of 3 spoonfuls are in');
        $batch = $screen->path();
        Walk::toSpoonful($screen, 1);
        $screen->driver->navigate()->refresh();
        $screen->see('1 of 3 spoonfuls are in')->nothingWaits();

        $screen->cutLine();
        $screen->keys('n')->see('2 of 3 spoonfuls are in')->see('1 entry waits on this device');
        $screen->driver->navigate()->refresh();
        $screen->see('2 of 3 spoonfuls are in');

        // A second device sees it, and what it ticks comes back to the first without a touch.
        $first = $screen->anotherTab();
        $screen->open($batch)->see('2 of 3 spoonfuls are in');
        Walk::toSpoonful($screen, 3);
        $screen->driver->close();
        $screen->driver->switchTo()->window($first);
        $screen->see('3 of 3 spoonfuls are in');
        // The quart bottle, by its own marks, once it is topped up.
        Walk::until($screen, static fn(): bool => str_contains($screen->shown(), 'Then it stands at the 1 US qt mark'));
        expect($screen->complaints())->toBe([]);
    });
});

it('gives a way out of a lost count that redone arithmetic bears out, and keeps it with the batch', function (): void {
    Screen::with(Served::demo(), static function (Screen $screen): void {
        $screen->open('/bench?recipe=neem-leaf-quart&sprayer=1')->see('2 tbsp')->press('Start mixing')->see('spoonfuls are in');
        $screen->keys('x')->see('What went wrong')->type('How many times', '4 to 6' . WebDriverKeys::TAB)->see('What to do');
        // Six tablespoons of 14.787 mL in a US gallon of 3785.4 mL.
        $screen->see('2.3 % oil');
        $ways = $screen->all('[data-remedy="pour-off"]')[0]->getText();
        $poured = 1000.0 * numberIn('/pour about [^(]*\(([\d.]+) L\) off/', $ways);
        $strongest = 100 * 6 * 14.78676478125 / 3785.411784;
        $left = $strongest * (1 - $poured / 3785.411784);
        // Neem on an ordinary leaf: 1.1 % at most (common practice, no source).
        expect($left)->toBeLessThanOrEqual(1.1)->and($left)->toBeGreaterThan(1.0);

        $screen->press('And something else went wrong')->see('I lost count, or put in too many or too few (neem oil)')->tick('The water was not as planned')->type('Water that is really in', '3')->see('At the weakest')->press('Forget those');
        $screen->tick('I left it out')->choose('With what', 'castile soap')->see('What is in it');
        $screen->tick('I lost count')->choose('With what', 'neem oil')->type('How many times', '4 to 6' . WebDriverKeys::TAB)->see('2.3 % oil');
        $screen->named('[data-remedy="pour-off"] button', 'I did this: write it down')->click();
        $screen->see('Something went wrong with this load. Written down: Pour off and top up');
        $screen->driver->navigate()->refresh();
        $screen->see('Written down: Pour off and top up');
        expect($screen->complaints())->toBe([]);
    });
});

it('prints a card for the bench, and nothing beside it', function (): void {
    Screen::with(Served::demo(), static function (Screen $screen): void {
        $screen->open('/bench?recipe=neem-leaf-quart&sprayer=1&plant=6')->see('What was checked');
        $screen->until(static fn(): bool => $screen->all('[data-card]') !== [], 'There is no card.');
        expect($screen->all('[data-card]')[0]->isDisplayed())->toBeFalse();
        $screen->onPaper();
        expect($screen->all('[data-card]')[0]->isDisplayed())->toBeTrue()
            ->and($screen->all('header')[0]->isDisplayed())->toBeFalse()
            ->and($screen->all('select')[0]->isDisplayed())->toBeFalse();
        $card = $screen->all('[data-card]')[0]->getText();
        expect($card)->toContain('2 tbsp')->and($card)->toContain('to the 1 US gal mark')->and($card)->toContain('Gloves and eye protection')->and($card)->toContain('% oil');
    }, 800);
});

it('prints and copies the plan at a key', function (): void {
    Screen::with(Served::demo(), static function (Screen $screen): void {
        $screen->open('/bench?recipe=neem-leaf-quart&sprayer=1')->see('Print the card');
        $screen->script(<<<'JS'
            window.printed = 0;
            window.print = () => { window.printed++; };
            Object.defineProperty(navigator, 'clipboard', { value: { writeText: (text) => { window.copied = text; return Promise.resolve(); } } });
            JS);
        $screen->keys('p')->keys('c')->see('Copied.');
        $copied = $screen->script('return window.copied');
        expect($screen->script('return window.printed'))->toBe(1);
        expect($copied)->toBeString()->toContain('Neem leaf spray: 1 US gal (3.79 L) in one load')
            ->toContain('- 2 tbsp of neem oil (29.6 mL)')->toContain('Steps')->toContain('Cautions')->toContain('local rules');
        // Where the page may not copy, it says so.
        $screen->script("navigator.clipboard.writeText = () => Promise.reject(new Error('no'))");
        $screen->keys('c')->see('This browser does not let the page copy here');
    });
});

it('takes known volumes, and prints a strip of fill marks at true scale', function (): void {
    Screen::with(Served::shed(), static function (Screen $screen): void {
        $screen->open('/shed')->see('Sprayers');
        $id = $screen->later("fetch('/api/sprayers',{method:'POST',headers:{'Content-Type':'application/json'},body:JSON.stringify({submission:crypto.randomUUID(),name:'Tin can',holds:{amount:1,unit:'L'}})}).then((r) => r.json()).then((j) => arguments[0](j.id))");
        assert(is_int($id));
        $screen->open("/sprayers/{$id}")->see('Once known volumes are poured in');
        $screen->type('Largest sensible fill, mL', '800')->type('Stays in hose and bottom, mL', '40');
        // A straight can: every 250 mL stand 50 mm higher.
        foreach ([1, 2, 3, 4] as $pour) {
            $screen->press('Add a pour')->type("mL in all, pour {$pour}", (string) (250 * $pour));
            $screen->all('fieldset input')[2 * $pour - 1]->sendKeys((string) (50 * $pour));
        }
        $screen->press('Keep')->see('is corrected.')->see('Lay a ruler on it');
        $screen->onPaper();
        $box = static function (string $css) use ($screen): array {
            $found = $screen->script("const r = document.querySelector('{$css}').getBoundingClientRect(); return [r.top, r.bottom, r.height]");
            assert(is_array($found));

            return array_map(static fn(mixed $each): float => is_numeric($each) ? (float) $each : NAN, $found);
        };
        expect($box('[data-ruler]')[2])->toEqualWithDelta(100 * PX_PER_MM, 0.5);
        $label = (string) $screen->all('[data-strip]')[0]->getAttribute('aria-label');
        expect($label)->toContain('½ L at 100 mm')->and($label)->toContain('1 L at 200 mm');
        $span = $screen->script("const at = [...document.querySelectorAll('[data-strip] path')].map((p) => p.getBoundingClientRect()).map((r) => (r.top + r.bottom) / 2); return Math.max(...at) - Math.min(...at)");
        // Ten marks, a tenth of a litre apart: from the lowest to the highest 0.9 L are 180 mm on paper.
        expect($screen->all('[data-strip] path'))->toHaveCount(10)->and($span)->toEqualWithDelta(180 * PX_PER_MM, 0.5);
        expect($screen->all('form')[0]->isDisplayed())->toBeFalse();
        $screen->offPaper()->open("/bench?sprayer={$id}")->see('What was checked');
        expect($screen->all('[data-make]')[0]->getAttribute('value'))->toBe('0.8');
    }, 800);
});

it('reckons how much is needed and how far what is left reaches', function (): void {
    Screen::with(Served::demo(), static function (Screen $screen): void {
        $screen->open('/bench?recipe=neem-leaf-quart&sprayer=1')->see('How much, or only so much left')->press('How much, or only so much left')->type('What is left', '20 ml neem');
        // 1.5 of 194 teaspoons are neem oil, 0.773 %: 20 mL are in 2587 mL, 0.683 of a gallon.
        $screen->see('neem oil')->press('Make that much')->see('It is enough');
        expect($screen->all('[data-make]')[0]->getAttribute('value'))->toBe('0.683');
        $screen->type('What is left', '1 oz neem')->see('means several things');
        $screen->type('What is left', '200 ml neem');
        $screen->until(static fn(): bool => $screen->all('[data-reach] .border-error') === [], 'Enough is left, and it bites all the same.');
        $screen->see('They are')->type('How many', '6');
        $screen->until(static fn(): bool => $screen->all('[data-need]') !== [], 'No need is said.');
        $screen->press('Make that');
        $screen->choose('Reckon', 'by what last time took')->type('It took', '0.5')->type('for so many plants', '2')->type('Now so many', '3');
        // Three plants take half as much again as two.
        $screen->see('¾ US gal (2.84 L)');
        expect($screen->complaints())->toBe([]);
    });
});

it('weighs the day: heat, bloom and what is picked soon', function (): void {
    Screen::with(Served::demo(), static function (Screen $screen): void {
        $screen->open('/bench?recipe=neem-leaf-quart&sprayer=1')->see('2 tbsp');
        $screen->see('The day and the plant');
        $before = count($screen->all('[data-drawer] [data-level="stop"]'));
        $screen->all('[data-drawer="day"] summary')[0]->click();
        $screen->all('[data-drawer="why"] summary')[0]->click();
        $screen->choose('°C or °F', '°F')->type('Air in the shade', '95')->tick('It is in open flower');
        // 95 °F are 35 °C; oils not above 90 °F, 32 °C (common practice, no source).
        $screen->see('95 °F, in flower')->see('35 °C');
        $screen->until(static fn(): bool => count($screen->all('[data-drawer] [data-level="stop"]')) >= $before + 2, 'Heat and bloom do not stop it.');
        $screen->type('Air in the shade', 'hot')->see('Write temperature and days as numbers');
        expect($screen->complaints())->toBe([]);
    });
});

it('lists the keys of the screen, and goes by them', function (): void {
    Screen::with(Served::demo(), static function (Screen $screen): void {
        $screen->open('/bench?recipe=neem-leaf-quart&sprayer=1')->see('2 tbsp')->keys('?')->see('how much to make')->see('go to Shed');
        // Under the sheet nothing is pressed.
        $screen->keys('s');
        usleep(400_000);
        expect($screen->path())->toBe('/bench');
        $screen->keys(WebDriverKeys::ESCAPE);
        $screen->until(static fn(): bool => $screen->all('dialog[open]') === [], 'The sheet stays open.');
        $screen->keys('m');
        expect($screen->script('return document.activeElement.hasAttribute("data-make")'))->toBeTrue();
        // In a field a letter is a letter.
        $screen->keys('5');
        usleep(300_000);
        expect($screen->path())->toBe('/bench');
        $screen->script('document.activeElement.blur()');
        $screen->keys('5')->see('Spoons and measures');
        expect($screen->path())->toBe('/shed');
    });
});

it('paints the new plan within 100 ms of the key press, or as soon as the machine can, at the median', function (): void {
    Screen::with(Served::demo(), static function (Screen $screen): void {
        $screen->open('/bench?recipe=neem-leaf-quart&sprayer=1')->see('2 tbsp');
        $medians = $ratios = [];
        for ($try = 0; $try < 3; ++$try) {
            $screen->script(<<<'JS'
                const plan = document.querySelector('[data-plan]');
                window.took = [];
                let pressed = 0;
                window.watchKey?.();
                const key = () => { pressed = performance.now(); };
                const seen = new MutationObserver(() => {
                    const from = pressed;
                    pressed = 0;
                    // A frame, and the task after it: then it is painted.
                    if (from > 0) requestAnimationFrame(() => setTimeout(() => window.took.push(performance.now() - from), 0));
                });
                document.addEventListener('keydown', key, true);
                seen.observe(plan, { subtree: true, characterData: true, childList: true });
                window.watchKey = () => { document.removeEventListener('keydown', key, true); seen.disconnect(); };
                JS);
            $slider = $screen->all('[role="slider"]')[0];
            $bare = [];
            for ($i = 1; $i <= 11; ++$i) {
                // What the machine takes meanwhile for a bare answer and a painted frame.
                $took = $screen->later('const done = arguments[0]; const from = performance.now(); fetch("/api/ping").then((one) => one.text()).then(() => requestAnimationFrame(() => setTimeout(() => done(performance.now() - from), 0)))');
                $bare[] = is_numeric($took) ? (float) $took : INF;
                $slider->sendKeys($try % 2 === 0 ? WebDriverKeys::ARROW_DOWN : WebDriverKeys::ARROW_UP);
                $screen->until(static fn(): bool => $screen->script('return window.took.length') === $i, 'A key press changed nothing.');
            }
            $took = $screen->script('return window.took');
            assert(is_array($took));
            $times = array_map(static fn(mixed $each): float => is_numeric($each) ? (float) $each : INF, $took);
            sort($times);
            sort($bare);
            $medians[] = $times[5];
            $ratios[] = $times[5] / $bare[5];
        }
        $said = static fn(array $all, string $as): string => implode(', ', array_map(static fn(mixed $one): string => is_float($one) ? sprintf($as, $one) : '?', $all));
        fwrite(\STDERR, "Key press to painted plan, median of eleven, three times: {$said($medians, '%.0f ms')}; by a bare answer and a frame meanwhile: {$said($ratios, '%.1f times')}\n");
        // Where other tests keep the machine busy, a bare answer takes longer, too: on a quiet one 100 ms are four of them.
        expect(min([INF, ...$medians]) < 100.0 || min([INF, ...$ratios]) < 5.0)->toBeTrue();
    });
});
