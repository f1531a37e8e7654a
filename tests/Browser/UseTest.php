<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Screen;
use Tests\Browser\Served;

const SCREENS = ['/', '/bench', '/bench?case=5', '/batches', '/batches/1', '/batches/19', '/plants', '/plants/2', '/leaf-tests/7', '/cases/6', '/cases/6/choose', '/look', '/worked', '/trials', '/shed', '/sprayers/2', '/recipes/write', '/recipes/write?from=kitchen-oil-by-the-quart', '/recipes/compare?left=kitchen-oil-by-the-quart&right=mint-oil-by-the-cup', '/sums', '/day', '/bed?batch=18', '/labels/18', '/nothing/here'];

it('has no fault that axe knows, by day and by night, on a desk and on a phone', function (int $width, int $height): void {
    Screen::with(Served::demo(), static function (Screen $screen): void {
        foreach (SCREENS as $path) {
            $screen->whole($path);
            $screen->script("document.querySelectorAll('details').forEach((each) => { each.open = true; })");
            // By night the page is the same but for its colours.
            foreach (['enamel' => [], 'shed' => ['color-contrast']] as $theme => $rules) {
                $screen->script("document.documentElement.dataset.theme = '{$theme}'");
                expect($screen->axe(...$rules))->toBe('', "{$path} in {$theme}");
            }
        }
        // The one address that is none is told of by the browser, too.
        expect(array_filter($screen->complaints(), static fn(string $each): bool => ! str_contains($each, '/nothing/here')))->toBe([]);
    }, $width, $height);
})->with([[1280, 800], [390, 844]]);

it('turns dark and light, and remembers which', function (): void {
    Screen::with(Served::demo(), static function (Screen $screen): void {
        $theme = static fn(): mixed => $screen->script('return document.documentElement.dataset.theme');
        $screen->open('/')->see('Today');
        // The first visit has no theme in the page; the script takes that of the machine.
        $screen->until(static fn(): bool => is_string($theme()) && $theme() !== '', 'No theme was taken.');
        $first = $theme();
        $screen->press($first === 'enamel' ? 'Dark screen' : 'Light screen');
        $second = $theme();
        expect([$first, $second])->toEqualCanonicalizing(['enamel', 'shed']);
        $screen->driver->navigate()->refresh();
        $screen->see('Today')->until(static fn(): bool => $theme() === $second, 'The theme was forgotten.');
        expect($theme())->toBe($second);
    });
});

it('fits a phone: nothing sticks out, and targets are large enough', function (): void {
    Screen::with(Served::demo(), static function (Screen $screen): void {
        foreach (SCREENS as $path) {
            $screen->whole($path);
            $screen->script("document.querySelectorAll('details').forEach((each) => { each.open = true; })");
            // A drawer that opens has its last width a moment later.
            $screen->until(static fn(): bool => $screen->script('return document.documentElement.scrollWidth - document.documentElement.clientWidth') === 0, "Something sticks out of {$path}.");
            $small = $screen->script(<<<'JS'
                return [...document.querySelectorAll('button, select, summary, input:not([type=radio]):not([type=checkbox]), nav a, .btn')]
                    .filter((e) => e.checkVisibility() && e.getBoundingClientRect().height < 43.5)
                    .map((e) => e.outerHTML.slice(0, 120));
                JS);
            expect($small)->toBe([], $path);
        }
    }, 390, 844);
});

it('fits every width from a phone to a wide desk', function (): void {
    Screen::with(Served::demo(), static function (Screen $screen): void {
        foreach (['/', '/bench?recipe=neem-leaf-quart&sprayer=1', '/batches/19', '/shed', '/recipes/write', '/cases/6'] as $path) {
            $screen->whole($path);
            foreach ([600, 768, 1024, 1600] as $width) {
                $screen->resize($width, 900);
                expect($screen->script('return document.documentElement.scrollWidth - document.documentElement.clientWidth'))->toBe(0, "{$path} at {$width}");
            }
        }
    });
});

it('sets the volume from the keyboard, on the drawing of the sprayer', function (): void {
    Screen::with(Served::demo(), static function (Screen $screen): void {
        $screen->open('/bench?recipe=neem-leaf-quart&sprayer=1')->see('1 of 1 US gal');
        $slider = $screen->all('[role="slider"]')[0];
        $slider->sendKeys(WebDriverKeys::ARROW_DOWN . WebDriverKeys::ARROW_DOWN . WebDriverKeys::PAGE_DOWN . WebDriverKeys::PAGE_DOWN);
        $screen->see('⅜ of 1 US gal');
        expect($slider->getAttribute('aria-valuetext'))->toContain('⅜ US gal (1.42 L) of 1 US gal');
        $slider->sendKeys(WebDriverKeys::END);
        $screen->see('1 of 1 US gal')->press('Put the level back')->see('⅜ of 1 US gal');
    });
});

it('is worked with the keyboard alone, from the first screen to a ticked spoonful', function (): void {
    Screen::with(Served::demo(), static function (Screen $screen): void {
        $screen->open('/')->see('Today');
        $go = static function (string $name) use ($screen): void {
            $screen->until(static function () use ($screen, $name): bool {
                $screen->driver->getKeyboard()->sendKeys(WebDriverKeys::TAB);

                return $screen->script("const e=document.activeElement; return e.getAttribute('aria-label') ?? e.innerText.trim()") === $name;
            }, "The tab key does not reach “{$name}”.");
            $screen->driver->switchTo()->activeElement()->sendKeys(WebDriverKeys::ENTER);
        };
        $screen->script('document.body.focus()');
        $go('Skip to the screen');
        expect($screen->script('return document.activeElement.id'))->toBe('main');
        $go('Go on mixing: castile soap, spoonful 1 of 2');
        $screen->see('2 of 4 spoonfuls are in')->see('Add 2 tsp');
        $go('1 tsp of castile soap, spoonful 1 of 2');
        $screen->see('3 of 4 spoonfuls are in');
        $go('1 tsp of castile soap, spoonful 1 of 2');
        $screen->see('2 of 4 spoonfuls are in');
    });
});

it('lists two mixings of the same spray under Today', function (): void {
    Screen::with(Served::demo(), static function (Screen $screen): void {
        foreach ([1, 2] as $ignored) {
            $screen->open('/bench?recipe=mild-soap&sprayer=3')->see('Start mixing')->press('Start mixing')->see('spoonfuls are in');
        }
        $screen->open('/')->see('Finish mixing Mild dish or hand wash');
        // What other tests left in this season may fill the first page.
        if (str_contains($screen->text(), 'Show more')) {
            $screen->press('Show more');
        }
        $listed = static fn(): int => substr_count($screen->text(), 'Finish mixing Mild dish or hand wash');
        $screen->until(static fn(): bool => $listed() === 2, static fn(): string => "It is listed {$listed()} times.");
        expect($screen->complaints())->toBe([]);
    });
});

it('goes back with the back button and comes in by any address', function (): void {
    Screen::with(Served::demo(), static function (Screen $screen): void {
        $screen->open('/cases/6')->see('Spider mites on Lemon in the tub')->press('Worked')->see('Best first');
        // Whoever moves is told where: the focus is on the heading.
        expect($screen->script('return document.activeElement.tagName + document.activeElement.textContent'))->toBe('H1What worked');
        $screen->press('Shed')->see('Spoons and measures');
        $screen->driver->navigate()->back();
        $screen->see('Best first');
        $screen->driver->navigate()->back();
        $screen->see('Spider mites on Lemon in the tub');
        expect($screen->path())->toBe('/cases/6');
        $screen->open('/cases/999')->see('There is no case 999');
    });
});

it('shows at once what a change does, and never an overtaken answer', function (): void {
    Screen::with(Served::demo(), static function (Screen $screen): void {
        $screen->open('/bench?recipe=kitchen-oil-by-the-quart&sprayer=3')->see('0.97 % oil');
        // The first answer is held back; the later question must win all the same.
        $screen->script(<<<'JS'
            const real = window.fetch; let n = 0;
            window.fetch = (...a) => { const slow = n++ === 0; return real(...a).then((r) => slow ? new Promise((ok) => setTimeout(() => ok(r), 1500)) : r); };
            JS);
        $screen->choose('Spray', 'Mint kitchen oil, by the cup');
        $screen->choose('Spray', 'Mild dish or hand wash');
        $screen->see('0.3 % detergent');
        usleep(1_800_000);
        expect(str_contains($screen->text(), '0.3 % detergent') && ! str_contains($screen->text(), '3.5 % oil'))->toBeTrue();
    });
});

it('stops a spray that is too strong, in words', function (): void {
    Screen::with(Served::demo(), static function (Screen $screen): void {
        $screen->open('/bench?recipe=mint-oil-by-the-cup&plant=1&sprayer=3')->see('and over 3 % is too much for')->see('Weaken it to 1.5 % kitchen oil');
        expect($screen->all('[data-level="stop"]'))->not->toBeEmpty();
        $screen->see('Mix it all the same')->type('Make', '0')->see('Expected a number above 0')->type('Make', '0.001')->see('10 mL to 10,000 L')->type('Make', 'lots')->see('a number like 1.5');
        expect($screen->all('[data-part="apron"] .act'))->toHaveCount(1)->and($screen->all('[data-part="apron"] button.act')[0]->isEnabled())->toBeFalse();
    });
});
