<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Screen;
use Tests\Browser\Served;

/** Taps on what comes next until something holds, and says how many taps it took. */
function tapsUntil(Screen $screen, string $text): int
{
    $taps = 0;
    for (; $taps < 60 && ! str_contains($screen->text(), $text); ++$taps) {
        $screen->keys('n');
        usleep(120_000);
    }
    $screen->see($text);

    return $taps;
}

/** What is in by the words of the tally. */
function inSoFar(Screen $screen): string
{
    return preg_match('/\d+ of \d+ spoonfuls are in/', $screen->text(), $found) === 1 ? $found[0] : '';
}

/** What the first way out says, once it answers what was said last: until then its buttons are dead. */
function firstRemedy(Screen $screen, string $about): string
{
    $says = '';
    $screen->until(static function () use ($screen, $about, &$says): bool {
        $says = $screen->script('const one = document.querySelector("[data-remedy]:has(button:enabled)"); return one === null ? "" : one.innerText');

        return is_string($says) && str_contains($says, $about);
    }, "No way out speaks of {$about}.");

    return is_string($says) ? $says : '';
}

it('mixes a recipe of one line from an empty notebook in under fifteen taps', function (): void {
    Screen::with(Served::rescue(), static function (Screen $screen): void {
        $screen->open('/recipes/write')->see('Write a line and it is said back here')->choose('Spoons, cups', 'US');
        $screen->type('What goes in', '2 tbsp neem, squirt of castile per gallon');
        // By hand: 29.57 mL of neem in 3785.4 + 29.57 + 2 mL.
        $screen->see('2 US tablespoons (29.6 mL) of neem oil to each US gallon (3.79 L)')->see('0.77 % oil');
        $screen->press('Keep this recipe')->see('What was checked')->see('Neem oil and castile soap');
        // As it was written: a gallon of water.
        expect($screen->script('return document.querySelector("[data-make]").value'))->toBe('1');
        $screen->press('Start mixing')->see('spoonfuls are in');
        // The kitchen, the field, keep, start: four; then the steps and spoonfuls until it is topped up, closed and turned over.
        $taps = 4 + tapsUntil($screen, 'Fill a glass and let it stand');
        expect(inSoFar($screen))->toMatch('/^(\d+) of \1 /');
        fwrite(\STDERR, "A recipe of one line, typed and mixed: {$taps} taps.\n");
        expect($taps)->toBeLessThan(15);
        tapsUntil($screen, 'It is mixed: save it');
        $screen->press('Save the batch')->see('What is in the bottle');
        expect($screen->complaints())->toBe([]);
    });
});

it('makes room in a full sprayer for the soap that was forgotten', function (): void {
    Screen::with(Served::demo(), static function (Screen $screen): void {
        $screen->open('/bench?recipe=neem-leaf-quart&sprayer=1')->see('Start mixing')->press('Start mixing')->see('spoonfuls are in');
        $screen->keys('x')->see('What went wrong')->tick('I left it out')->choose('With what', 'castile soap');
        $text = firstRemedy($screen, 'castile soap');
        expect($screen->all('[data-remedy]')[0]->getAttribute('data-remedy'))->toBe('make-room');
        // 2 tsp of soap to the gallon are just under 10 mL: so much is poured off into a jar, no more.
        expect($text)->toContain('2 tsp of castile soap')->toContain('(10 mL) off into a clean jar')->toContain('comes back to the planned strength')
            ->and($screen->axe())->toBe('');
        $screen->named('[data-remedy="make-room"] button', 'I did this: write it down')->click();
        $screen->see('Written down: Make room, then add it')->driver->navigate()->refresh();
        $screen->see('Written down: Make room, then add it');
        expect($screen->complaints())->toBe([]);
    });
});

it('says how far it reaches when something runs out halfway, by what was ticked, and takes counts as they are said', function (): void {
    Screen::with(Served::demo(), static function (Screen $screen): void {
        $screen->open('/bench?recipe=neem-leaf-quart&sprayer=1')->see('Start mixing')->press('Start mixing')->see('spoonfuls are in');
        for ($i = 0; $i < 40 && ! str_starts_with(inSoFar($screen), '1 of'); ++$i) {
            $screen->keys('n');
            usleep(120_000);
        }
        expect(inSoFar($screen))->toStartWith('1 of');
        $screen->keys('x')->see('What went wrong')->tick('I ran out of it')->type('How many times', 'about one too few' . WebDriverKeys::TAB)->see('What to do')->see('with half of the water in');
        $screen->type('How many times', '1' . WebDriverKeys::TAB);
        $smaller = firstRemedy($screen, 'Make less of it');
        // One of two tablespoons is in: half of the gallon, with half of the soap.
        expect($smaller)->toContain('1 tsp of castile soap')->toMatch('/0\.50\d US gal \(1\.9\d? L\)/');
        $screen->type('How many times', 'a prayer' . WebDriverKeys::TAB)->see('found “a prayer”');
        $screen->complaints();
        $screen->type('How many times', '1' . WebDriverKeys::TAB)->see('Make less of it')->named('[data-remedy="smaller-batch"] button', 'I did this: write it down')->click();
        $screen->see('Written down: Make less of it');
        expect($screen->complaints())->toBe([]);
    });
});

it('says the rounder answer beside the spoons, and goes to a volume of whole spoons at one tap', function (): void {
    Screen::with(Served::rescue(), static function (Screen $screen): void {
        $make = static fn(): string => (string) json_encode($screen->script('return [document.querySelector("[data-make]").value, [...document.querySelectorAll("select")].find((one) => one.ariaLabel === "Unit").value]'));
        // 5.5 tsp of neem where two tablespoons are six: reckoned by hand.
        $screen->open('/bench?recipe=gentle-neem&make=1.5&unit=[gal_us]')->see('or 2 tbsp: 6 % more');
        $screen->open('/bench?recipe=neem-leaf-quart&make=0.75&unit=[gal_us]')->press('At 1 US gal (3.79 L) every line is whole spoons.')->see('2 tbsp');
        $screen->until(static fn(): bool => $make() === '["1","[gal_us]"]', 'It does not go there.');
        $screen->press('Put the level back');
        $screen->until(static fn(): bool => str_starts_with($make(), '["0.75"'), 'It does not come back.');
        // How much to make is said as people say it; what is no amount is told, and stays.
        $screen->type('Make', '2 US quarts' . WebDriverKeys::TAB);
        $screen->until(static fn(): bool => $make() === '["2","[qt_us]"]', 'Two quarts are not understood.');
        $screen->type('Make', '2 of neem' . WebDriverKeys::TAB)->see('Say one amount');
        expect($screen->script('return document.querySelector("[data-make]").value'))->toBe('2 of neem')->and($screen->complaints())->toBe([]);
    });
});
