<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverElement;
use Tests\Browser\Screen;
use Tests\Browser\Served;
use Tests\Browser\Walk;

/** The key of the step that is on the screen. */
function stepOn(Screen $screen): string
{
    $step = $screen->script('return document.querySelector("[data-step]")?.dataset.step ?? ""');

    return is_string($step) ? $step : '';
}

function stepDone(Screen $screen): void
{
    $was = stepOn($screen);
    $screen->script('document.querySelector("[data-part=done]").click()');
    $screen->until(static fn(): bool => stepOn($screen) !== $was, "Step {$was} stayed.");
}

it('walks through the bed: three plants, two loads, a soak, a pause, a reload, a second device, and what was tapped is recorded', function (): void {
    $served = Served::run();
    Screen::with($served, static function (Screen $screen) use ($served): void {
        $screen->open('/plants')->see('Add a plant');
        $cases = [];
        foreach (['Zinnia', 'Aster', 'Lupin'] as $name) {
            $plant = $screen->made('/api/plants', "{\"name\": \"{$name}\", \"tolerance\": \"ordinary-leaf\"}");
            $cases[$name] = $screen->made('/api/cases', "{\"plantId\": {$plant}, \"pest\": \"spider-mites\"}");
        }
        $screen->made('/api/sprayers', '{"name": "Small can", "holds": {"amount": 1, "unit": "L"}}');
        // Alcohol, soap and a brush: soaked ten minutes, brushed and rinsed by its school; two litres are two loads.
        $screen->open("/bench?recipe=alcohol-soap-and-brush&case={$cases['Zinnia']}&make=2&unit=L")->see('Start mixing')->press('Start mixing')->see('spoonful');
        Walk::through($screen);
        $batch = preg_replace('/\D/', '', $screen->path());
        $screen->open("/bed?batch={$batch}&case={$cases['Zinnia']}")->see('in which order');
        $screen->press('Spider mites on Lupin')->press('Spider mites on Aster')->type('Why all the same?', 'A trial')->press('Begin');
        $screen->until(static fn(): bool => stepOn($screen) === 'protect', 'The run did not begin.');
        $run = $screen->path();
        expect($screen->text())->toContain('Gloves and glasses on.');

        // One-handed: every act lies in the lower half of a phone.
        $screen->resize(390, 844);
        expect($screen->script('return [...document.querySelectorAll("[data-part=apron] button")].every((one) => { const box = one.getBoundingClientRect(); return box.top > innerHeight / 2 && box.height >= 44 && box.bottom <= innerHeight; })'))->toBeTrue();
        foreach (['knock-back', 'check', 'shake-1'] as $next) {
            stepDone($screen);
            expect(stepOn($screen))->toBe($next);
        }
        stepDone($screen);
        $screen->see('Zinnia: from the bottom up');
        // The plant from below, with where it goes: no oil in it, and as wet as usual.
        expect($screen->script("return document.querySelector('[data-where]')?.dataset.where"))->toBe('plain');
        expect($screen->axe())->toBe('');
        stepDone($screen);
        $screen->see('Lupin: from the bottom up');

        // A reload in the middle, and the next plant on another device.
        $screen->open($run)->see('Lupin: from the bottom up')->press('Pause')->see('Paused.');
        Screen::with($served, static function (Screen $other) use ($run): void {
            $other->open($run)->see('Paused.')->press('Go on')->see('Lupin: from the bottom up')->press('It is empty');
            $other->until(static fn(): bool => stepOn($other) === 'mix-2', 'The second load is not mixed.');
            // What is mixed fills the sprayer: the walk goes on where it stopped.
            $other->press('Mix load 2 of 2')->see('spoonfuls are in');
            Walk::toSaving($other);
            $other->press('Save the batch');
            $other->until(static fn(): bool => stepOn($other) === 'shake-2', static fn(): string => 'The walk does not go on; the screen says: ' . $other->text());
            stepDone($other);
            $other->see('Lupin: from the bottom up');
            stepDone($other);
            $other->nothingWaits();
        });
        // “Next: Aster” stands there before it is Aster’s turn.
        $screen->until(static fn(): bool => stepOn($screen) === 'plant-3', 'The other device was not heard of.');
        // The line is dead: the tap stays, and goes through later.
        $screen->cutLine();
        stepDone($screen);
        $screen->see('Let it soak for 10 minutes.');
        $screen->mendLine();
        $screen->nothingWaits();
        $left = static function () use ($screen): int {
            $told = $screen->script('return document.querySelector("[data-soak]")?.dataset.soak ?? "0"');

            return is_numeric($told) ? (int) $told : 0;
        };
        $screen->until(static fn(): bool => $left() > 500, static fn(): string => 'It does not soak; the screen says: ' . $screen->text());
        $served->passHours(1);
        $screen->open($run)->see('It has soaked.');
        // What the brush loosened is met once more, from the brush on.
        foreach (['brush', 'second-soak'] as $next) {
            stepDone($screen);
            expect(stepOn($screen))->toBe($next);
        }
        $screen->until(static fn(): bool => $left() > 200 && $left() <= 300, static fn(): string => 'It does not soak once more; the screen says: ' . $screen->text());
        foreach (['rinse', 'aftercare', 'wash', 'rest'] as $next) {
            stepDone($screen);
            expect(stepOn($screen))->toBe($next);
        }
        $screen->press('A quarter')->press('It is poured away')->see('3 of 3 plants');
        // What was tapped is what is recorded: half a litre each of two, less a quarter.
        expect($screen->text())->toContain('some 500 mL');
        $screen->resize(1280, 800);
        $screen->open("/cases/{$cases['Lupin']}")->see('Sprayed against the advice: A trial')->see('washed down the same day');
        expect($screen->complaints())->toBe([]);
    });
});

it('rings for the next shake while oil is sprayed', function (): void {
    Screen::with(Served::run(), static function (Screen $screen): void {
        $screen->open('/plants')->see('Add a plant');
        $plant = $screen->made('/api/plants', '{"name": "Mallow", "tolerance": "ordinary-leaf"}');
        $case = $screen->made('/api/cases', "{\"plantId\": {$plant}, \"pest\": \"spider-mites\"}");
        $screen->open("/bench?recipe=mint-mask&case={$case}&make=1&unit=L")->see('Start mixing')->press('Start mixing')->see('spoonful');
        Walk::through($screen);
        $batch = preg_replace('/\D/', '', $screen->path());
        $screen->open("/bed?batch={$batch}&case={$case}")->type('Why all the same?', 'A trial')->press('Begin');
        $screen->until(static fn(): bool => stepOn($screen) === 'protect', 'The run did not begin.');
        foreach (range(1, 4) as $_) {
            stepDone($screen);
        }
        $screen->see('to the next shake');
        // The clock of this device runs twenty times as fast: it rings.
        $screen->before('const real = Date.now.bind(Date), start = real(); Date.now = () => start + 20 * (real() - start);');
        $screen->open($screen->path());
        $screen->see('Shake now!');
        expect($screen->all('[data-shake="0"]'))->toBe([])->and($screen->complaints())->toBe([]);
    });
});

it('says which hour is good once it knows where the garden lies, and gives each plant its own', function (): void {
    $served = Served::run();
    Screen::with($served, static function (Screen $screen): void {
        $screen->open('/plants')->see('Add a plant');
        foreach (['Sunny rose' => 'full-sun', 'Shady fern' => 'shade'] as $name => $exposure) {
            $plant = $screen->made('/api/plants', "{\"name\": \"{$name}\", \"tolerance\": \"ordinary-leaf\", \"exposure\": \"{$exposure}\"}");
            $screen->made('/api/cases', "{\"plantId\": {$plant}, \"pest\": \"aphids\"}");
        }
        $screen->open('/day')->see('Where does your garden lie?');
        $screen->type('Latitude, degrees', '147.3')->type('Longitude, degrees', '9.9')->press('Keep the place')->see('-90 to 90');
        $screen->type('Latitude, degrees', '47.3')->press('Keep the place')->see('Weather from the simulated station');
        expect($screen->all('[data-day]'))->not->toBe([])->and(count($screen->all('[data-plant]')))->toBeGreaterThan(1)->and($screen->text())->toContain('the simulated station');
        foreach (['Sunny rose' => 'full sun', 'Shady fern' => 'the shade'] as $name => $stands) {
            $screen->script("[...document.querySelectorAll('[data-plant] button')].find((one) => one.textContent.includes('{$name}')).click()");
            $screen->see($stands);
        }
        // The bars open into words, with the limit and where it comes from.
        $screen->press('All hours as a list')->see('Delta T');
        $screen->type('What is it like at the door?', 'lovely')->press('Go by that for two hours')->see('“lovely” says nothing of the weather');
        $screen->type('What is it like at the door?', '34 C, still')->press('Go by that for two hours')->see('what you said at the door: 34 C, still');
        expect($screen->text())->toContain('34 °C');
        expect($screen->script('return document.querySelector("[data-calendar] a[download]").getAttribute("href")'))->toMatch('#^/calendar/[0-9a-f]{32}\.ics$#')
            ->and($screen->later('const done = arguments[arguments.length - 1]; fetch(document.querySelector("[data-calendar] a[download]").href).then((one) => one.text()).then(done)'))->toContain('BEGIN:VCALENDAR')
            // What was refused is told to the browser, too.
            ->and(array_filter($screen->complaints(), static fn(string $one): bool => ! str_contains($one, ' 422 ')))->toBe([]);
    });
});

it('skips a task with a reason, and takes that back', function (): void {
    Screen::with(Served::run(), static function (Screen $screen): void {
        $screen->open('/plants')->see('Add a plant');
        $plant = $screen->made('/api/plants', '{"name": "Poppy", "tolerance": "ordinary-leaf"}');
        $screen->made('/api/cases', "{\"plantId\": {$plant}, \"pest\": \"aphids\"}");
        $screen->open('/')->see('Poppy')->see('Decide on aphids');
        $rows = array_values(array_filter($screen->all('[data-task="first-round"]'), static fn(WebDriverElement $one): bool => str_contains($one->getText(), 'Poppy')));
        $rows[0]->findElement(WebDriverBy::cssSelector('.later'))->click();
        $screen->type('Why', 'Ladybirds came')->press('Skip it');
        $rowsOfIt = static fn(): mixed => $screen->script('return [...document.querySelectorAll("[data-task]")].filter((row) => row.matches("[data-task=first-round]") && row.textContent.includes("Poppy")).length');
        $screen->until(static fn(): bool => $rowsOfIt() === 0, 'It is still there.');
        $screen->see('Skipped: To be sprayed: Aphids on Poppy.')->press('Undo');
        $screen->until(static fn(): bool => $rowsOfIt() === 1, 'It is not back.');
        $screen->see('Skipping “To be sprayed: Aphids on Poppy” is taken back.');
        expect($screen->complaints())->toBe([]);
    });
});
