<?php

declare(strict_types=1);

use Tests\Browser\Screen;
use Tests\Browser\Served;
use Tests\Browser\Walk;

it('walks the whole job through the real interface, and no request leaves the machine', function (): void {
    $served = Served::empty();
    Screen::with($served, static function (Screen $screen) use ($served): void {
        // An empty notebook says what goes there and starts it.
        $screen->open('/')->see('This notebook is empty')->press('Plants')->see('A plant’s leaf decides');
        $screen->press('Add a plant')->type('Name', 'Zinnia <b>by</b> the "gate"')->type('Where it stands', 'Gate bed')->press('Add the plant')->see('Zinnia <b>by</b> the "gate"');
        $screen->press('Shed')->see('Spoons and measures')->press('Another sprayer');
        $screen->all('section[aria-label="Sprayers"] input')[0]->sendKeys('Green can');
        $screen->all('section[aria-label="Sprayers"] input')[1]->sendKeys('1');
        $screen->named('section[aria-label="Sprayers"] form button', 'Add')->click();
        $screen->see('Green can, 1 L')->press('Another measure');
        $screen->all('section[aria-label="Measures"] input')[0]->sendKeys('Marked dropper');
        $screen->all('section[aria-label="Measures"] input')[1]->sendKeys('0,5');
        $screen->all('section[aria-label="Measures"] select')[1]->sendKeys('mL');
        $screen->named('section[aria-label="Measures"] form button', 'Add')->click();
        $screen->see('Marked dropper, 0.5 mL');

        // A case, and a count before anything is sprayed.
        $screen->press('Plants')->see('Gate bed');
        $screen->all('main ul a')[0]->click();
        $screen->see('What it is proven to bear')->press('Something else is on it')->choose('What is on it', 'Aphids')->press('Open the case')->see('Nothing is counted yet');
        $case = $screen->path();
        $screen->press('Count')->tick('Only a total')->type('How many', '80')->press('Save the count')->see('The figures');

        // The bench comes with case and plant set.
        $screen->press('Mix it')->see('Start mixing');
        expect($screen->script('return document.querySelector("select[aria-label=For]").selectedOptions[0].innerText'))->toContain('Aphids on Zinnia');
        $screen->choose('Spray', 'Mild dish or hand wash')->see('0.3 % detergent');
        $screen->type('Make', '1.5')->see('2 loads')->press('Load 2: 500 mL');
        $screen->press('Start mixing')->see('0 of 6 spoonfuls are in');

        // Step by step and spoonful by spoonful; what is ticked survives a reload.
        Walk::toSpoonful($screen, 1);
        $screen->driver->navigate()->refresh();
        $screen->see('1 of 6 spoonfuls are in');
        Walk::toSaving($screen);
        // Without oil no glass is asked for.
        expect(str_contains($screen->text(), 'Fill a glass'))->toBeFalse();
        $screen->see('6 of 6 spoonfuls are in')->press('No: I mix load 2 now, they stand in a bucket')->see('6 of 9 spoonfuls are in');
        Walk::toSaving($screen);
        $screen->see('9 of 9 spoonfuls are in')->press('Save the batch')->see('What is in the bottle')->see('9 of 9 spoonfuls ticked');

        // Three leaves; two days; how they look.
        $screen->press('The leaves are wet: start waiting')->see('Wait: 48 hours to go');
        $leafTest = $screen->path();
        $served->passHours(49);
        $screen->open('/')->see('Zinnia')->see('Look at the test leaves')->press('Say how they look')->see('The wait is over');
        expect($screen->path())->toBe($leafTest);
        $screen->press('All are clean')->press('Save this look')->see('none of 3 leaves')->see('two leaves in three');

        // Spray; a day later, count and read what worked.
        $screen->open($case)->see('stands ready')->press('It is sprayed')->see('Is any of it left?')->press('It is kept')->see('Not judged yet: count again');
        expect($screen->path())->toBe($case);
        $served->passHours(25);
        $screen->open('/')->see('Count aphids')->type('How many', '6')->press('Keep')->see('is saved.');
        $screen->open($case)->see('It worked: 93 % fewer, from 80 to 6');
        $screen->press('Worked')->see('1 of 1')->see('Mild dish or hand wash')->press('Why')->see('No unsprayed plant was counted alongside');

        $requests = $screen->requests();
        expect(count($requests))->toBeGreaterThan(30);
        foreach ($requests as $url) {
            // The browser's own first page (chrome://) and drawings inside a style sheet (data:) go over no wire.
            expect(preg_match('#^(chrome:|data:image/|' . preg_quote($served->address, '#') . '/)#', $url))->toBe(1, $url);
        }
        expect($screen->complaints())->toBe([]);
    }, listens: true);
});

it('makes one record of a double click, and keeps what was typed when it is not taken', function (): void {
    Screen::with(Served::empty(), static function (Screen $screen): void {
        $screen->open('/plants')->see('Add a plant');
        $screen->script("fetch('/api/plants',{method:'POST',headers:{'Content-Type':'application/json'},body:JSON.stringify({submission:'00000000-0000-4000-8000-000000000001',name:'Aster',tolerance:'ordinary-leaf'})})");
        $screen->until(static fn(): bool => is_string($screen->later("fetch('/api/plants').then(r=>r.text()).then(t=>arguments[0](t.includes('Aster') ? t : null))")), 'The plant was not made.');
        $screen->open('/plants')->see('Aster');
        $screen->named('main ul a', 'Aster')->click();
        $screen->press('Something else is on it')->choose('What is on it', 'Thrips')->press('Open the case')->see('Thrips on Aster')->press('Count')->tick('Only a total');

        $screen->type('How many', 'about twenty')->press('Save the count')->see('Write how many you counted as a number');
        expect(array_map(static fn($field): ?string => $field->getAttribute('value'), $screen->all('input[name="value"]')))->toContain('about twenty');
        $screen->type('How many', '20');
        $screen->script("const b=[...document.querySelectorAll('button')].find(b=>b.textContent.includes('Save the count')); b.click(); b.click(); b.click();");
        $screen->see('The figures');
        usleep(500_000);
        $screen->open($screen->path())->see('The figures');
        expect($screen->all('[data-count]'))->toHaveCount(1);
    });
});

it('says so when the server does not answer, and saves on the next try', function (): void {
    Screen::with(Served::empty(), static function (Screen $screen): void {
        $screen->open('/plants')->press('Add a plant')->type('Name', 'Cosmos');
        $screen->cutLine();
        $screen->press('Add the plant')->see('does not answer. What you entered is still here');
        $screen->mendLine();
        $screen->press('Add the plant')->see('Cosmos is saved.');
        expect($screen->named('main ul a', 'Cosmos')->isDisplayed())->toBeTrue();
    });
});
