<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Tests\Browser\Screen;
use Tests\Browser\Served;

/** Types a row of figures into the spots, as one does who counts: a number, a blank, the next. */
function spots(Screen $screen, string $within, string $figures): void
{
    $first = $screen->all("{$within} fieldset input")[0];
    $first->click();
    $screen->keys($figures);
}

/** Opens the form of a count on the screen of a case. */
function openCount(Screen $screen): void
{
    $screen->named('main summary', 'Count')->click();
    $screen->see('How many on each tip');
}

/** @return int the number of a batch of plain soap, mixed for that case */
function soapFor(Screen $screen, int $case): int
{
    $batch = $screen->made('/api/batches', '{"bench": {"request": {"recipe": "plain-soap", "make": {"amount": 1, "unit": "L"}}}, "caseId": ' . $case . '}');
    $screen->later(<<<JS
        const done = arguments[0];
        const put = (path, body) => fetch(path, { method: 'PUT', headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(body) });
        fetch('/api/batches/{$batch}').then((r) => r.json()).then(async (b) => {
            for (const item of b.items) for (const scoop of item.scoops) for (let n = 1; n <= scoop.count; n++) await put(`/api/batches/\${b.key}/scoops/\${scoop.id}/ticks/\${n}`, { ticked: true });
            await fetch(`/api/batches/\${b.key}/finish`, { method: 'POST', headers: { 'Content-Type': 'application/json' }, body: '{"standTest":"even"}' });
            done(true);
        });
        JS);

    return $batch;
}

it('enters two cases from first look to closed, and a mistake in a count changes the verdict', function (): void {
    $served = Served::evidence();
    Screen::with($served, static function (Screen $screen) use ($served): void {
        $screen->open('/plants')->see('Add a plant');
        foreach (['Aster' => '2 1 0 0 3 0 1 0 0 2', 'Cosmos' => '0 0 1 0 0 0 2 0 0 1'] as $name => $after) {
            $plant = $screen->made('/api/plants', '{"name": "' . $name . '", "tolerance": "ordinary-leaf"}');
            $case = $screen->made('/api/cases', '{"plantId": ' . $plant . ', "pest": "aphids"}');
            soapFor($screen, $case);
            $screen->open("/cases/{$case}")->see("Aphids on {$name}");
            openCount($screen);
            // It says where to look, and that a plant left alone is worth having.
            $screen->see('Ten shoot tips all round the plant')->see('Leave one plant or branch unsprayed');
            spots($screen, 'form', '12 9 4 15 7 11 3 8 10 6');
            $screen->type('Where you look', 'Tips with a red thread')->press('Save the count')->see('The figures');
            openCount($screen);
            expect($screen->all('form input[placeholder]')[0]->getAttribute('value'))->toBe('Tips with a red thread');
            spots($screen, 'form', '10 8 9 9 7 8 9 10 8 9');
            $screen->tick('Counted on a plant that is left unsprayed')->press('Save the count')->until(static fn(): bool => count($screen->all('[data-count]')) === 2, 'The second count is not there.');
            $screen->named('[data-gate] summary', 'It was sprayed all the same')->click();
            $screen->type('Why all the same?', 'They were all over it')->press('Sprayed for that reason')->see('Is any of it left?')->press('All used up')->see('is used up.');
            $served->passHours(26);
            $screen->open("/cases/{$case}");
            openCount($screen);
            // In classes this time for the plant left alone, in numbers for the other.
            spots($screen, 'form', $after);
            $screen->choose('New growth', 'clean')->named('details form button', 'Save the count')->click();
            $screen->see('It worked: ');
            openCount($screen);
            foreach (range(1, 10) as $i) {
                $screen->press('6 to 20');
            }
            $screen->tick('Counted on a plant that is left unsprayed')->named('details form button', 'Save the count')->click();
            $screen->press('Compared')->see('Held against the plant left alone');
            $screen->named('main summary', 'Close the case')->click();
            $screen->type('What came of it', 'Soap did it.')->press('Close it')->see('Soap did it.');
        }
        $screen->open('/worked')->see('What worked')->see('Not enough to say.')->see('2 of 2');

        // Thirty in all were counted before, where eighty-five stand: the verdict of the round follows.
        $screen->open('/cases/1')->press('The figures: correct or take back');
        $screen->named('[data-count] button', 'Correct: The count of 85 aphids on ten tips')->click();
        $screen->see('Correct the count')->tick('Only a total');
        $screen->all('[data-count] input[name="value"]')[0]->sendKeys('30');
        $screen->press('Correct the count')->see('is corrected.');
        $screen->until(static fn(): bool => $screen->all('[data-outcome="helped"]') !== [] || $screen->all('[data-outcome="failed"]') !== [], 'The verdict did not follow.');
        $screen->open('/worked')->see('1 of 2')->press('Why')->see('held against a plant left alone');
        expect($screen->complaints())->toBe([]);
    });
});

it('runs a trial by lot, reads what it says, and the matrix of the season', function (): void {
    $served = Served::season();
    Screen::with($served, static function (Screen $screen) use ($served): void {
        $screen->open('/worked')->see('Kitchen oil, by the quart');
        // Best first, each with its verdict; the matrix says effect and certainty in words, too.
        $order = $screen->script('return [...document.querySelectorAll("section[aria-label=Aphids] tbody tr")].map((r) => r.querySelector("strong").textContent + ": " + r.querySelector("[data-verdict]").dataset.verdict)');
        expect($order)->toBe(['Kitchen oil, by the quart: keep', 'Castile and kitchen oil: not-enough', 'Plain soap spray: keep', 'Mint mask: drop']);
        $cells = $screen->script('return [...document.querySelectorAll(".matrix a")].map((a) => a.getAttribute("aria-label"))');
        assert(is_array($cells));
        expect($cells[0])->toMatch('/^Essential oil on Aphids: Drop it: take another\. \d+ % fewer, from more than twice as many to \d+ % fewer, hardly sure$/');
        // One mark or another, never colour alone.
        expect($screen->script('return new Set([...document.querySelectorAll(".matrix a")].map((a) => getComputedStyle(a).borderTopStyle)).size'))->toBeGreaterThan(1);
        $screen->named('section[aria-label="Aphids"] button', 'What to try next')->click();
        $screen->see('by lot')->see('times as much as the other');
        $screen->press('Begin that trial')->see('A new trial');
        $screen->press('One by one (0 chosen)')->see('Which plants?');
        $screen->all('[data-new-trial] input[type=checkbox][value="1"]')[0]->click();
        $screen->type('How many, both sides together', '8')->press('Draw the lots')->see('Who gets what');
        $lots = $screen->script('return [...document.querySelectorAll("[data-lot]")].map((l) => l.dataset.lot).join("")');
        assert(is_string($lots));
        expect(strlen($lots))->toBe(8)->and(substr_count($lots, 'A'))->toBe(4);
        spots($screen, '[data-trial-look]', '12 11 13 12 11 12 13 11');
        $screen->press('Save the look')->see('It is sprayed already')->press('It is sprayed already');
        $served->passHours(50);
        $screen->open($screen->path())->see('Who gets what');
        spots($screen, '[data-trial-look]', implode(' ', array_map(static fn(string $lot): string => $lot === 'A' ? '1' : '12', str_split($lots))));
        $screen->press('Save the look')->see('times as many as')->see('the trial may stop');
        $screen->type('What came of it', 'A it is.')->press('End it')->see('A it is.');
        $screen->onPaper();
        expect($screen->script('return [...document.querySelectorAll(".label")].filter((l) => l.checkVisibility()).length'))->toBe(8);
        $screen->offPaper();
        expect($screen->complaints())->toBe([]);
    });
});

it('takes the book out and into an empty one, and reports a table with bad rows', function (): void {
    $folder = sys_get_temp_dir() . '/idle-mixer-book-' . bin2hex(random_bytes(4));
    mkdir($folder);
    $get = static fn(Screen $screen, string $path): string => is_string($text = $screen->later("fetch('{$path}').then((r) => r.text()).then(arguments[0])")) ? $text : '';
    $take = static function (Screen $screen, string $file): void {
        $screen->all('[data-logbook] input[type=file]')[0]->sendKeys($file);
        $screen->press('Take it in');
    };
    Screen::with(Served::demo(), static function (Screen $screen) use ($folder, $get): void {
        $screen->open('/worked')->press('The book out, and in')->see('Take it out: a table');
        foreach (['json', 'csv'] as $kind) {
            file_put_contents("{$folder}/log.{$kind}", $get($screen, "/api/log.{$kind}"));
        }
    });
    Screen::with(Served::library(), static function (Screen $screen) use ($folder, $get, $take): void {
        // A table with bad rows: none of it, then the good ones, with line and reason for the rest.
        file_put_contents("{$folder}/bad.csv", "plant,pest,at,value\nFern,aphids,2026-05-01,40\nFern,dragons,2026-05-02,3\nFern,aphids,2026-05-09,-7\n");
        $screen->open('/worked')->press('The book out, and in');
        $take($screen, "{$folder}/bad.csv");
        $screen->see('Nothing was taken in: 2 of 3 rows cannot be read.')->see('dragons');
        expect($screen->driver->findElements(WebDriverBy::cssSelector('[data-faults] tbody tr')))->toHaveCount(2);
        $screen->press('Take in the good ones')->see('Taken in: 1 new of 3 rows, 2 left out.');

        // The whole book: the document first, then the table brings nothing new.
        $take($screen, "{$folder}/log.json");
        $screen->see('Taken in: 10 plants')->see('Kitchen oil, by the quart');
        $take($screen, "{$folder}/log.csv");
        $screen->see('Taken in: 0 new of');
        expect($get($screen, '/api/cases/2/story'))->toContain('<h1>', 'What happened');
        expect($screen->complaints())->toBe([]);
    });
    exec('rm -rf ' . escapeshellarg($folder));
});
