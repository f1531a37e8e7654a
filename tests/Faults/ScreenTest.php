<?php

declare(strict_types=1);

use App\Notebook\Sqlite;
use PHPUnit\Framework\Assert;
use Tests\Browser\Screen;
use Tests\Browser\Served;
use Tests\Browser\Walk;
use Tests\Faults\SmallDisk;

/*
 * What somebody sees at the screen when something goes wrong on the way.
 */

/** Cuts the answer to the next call that saves: it arrives, and nothing comes back. */
function loseNextAnswer(Screen $screen): void
{
    $screen->script(<<<'JS'
        const real = window.fetch;
        window.fetch = (request, ...more) => {
            if (request.method === 'GET' || /\/choice$/.test(new URL(request.url).pathname)) { return real(request, ...more); }
            window.fetch = real;
            return real(request, ...more).then(() => { throw new TypeError('Failed to fetch'); });
        };
        JS);
}

function made(Screen $screen, string $path, string $body): int
{
    $id = $screen->later(<<<'JS'
        const [path, body, done] = arguments;
        fetch(path, { method: 'POST', headers: { 'Content-Type': 'application/json' }, body: JSON.stringify({ submission: crypto.randomUUID(), ...JSON.parse(body) }) })
            .then((answer) => answer.json()).then((made) => done(made.id ?? JSON.stringify(made)));
        JS, [$path, $body]);

    return is_int($id) ? $id : throw new RuntimeException('Nothing was made.');
}

/** Waits until what stands between page and server is there. */
function guarded(Screen $screen): void
{
    $screen->until(static fn(): bool => $screen->script('return document.documentElement.dataset.offline') === 'ready', 'Nothing stands between.');
}

it('makes one record of a count whose answer was lost, through a reload, and of its correction no second', function (): void {
    Screen::with(Served::empty(), static function (Screen $screen): void {
        $screen->open('/plants')->see('Add a plant');
        $case = made($screen, '/api/cases', '{"plantId": ' . made($screen, '/api/plants', '{"name": "Salvia", "tolerance": "ordinary-leaf"}') . ', "pest": "aphids"}');
        $screen->open("/cases/{$case}")->see('Nothing is counted yet');
        guarded($screen);
        $screen->press('Count')->tick('Only a total')->see('How many');
        loseNextAnswer($screen);
        $screen->type('How many', '3')->press('Save the count')->see('A count of 3 is kept on this device');
        // The page goes; what waits is sent again under the key it had, and was there already.
        $screen->open("/cases/{$case}")->press('The figures: correct or take back');
        guarded($screen);
        $screen->nothingWaits();
        $screen->until(static fn(): bool => count($screen->all('[data-count]')) === 1, static fn(): string => 'It is not one count: ' . $screen->text());
        expect($screen->all('[data-count] strong')[0]->getText())->toBe('3')->and($screen->text())->not->toContain('was not saved yet');
        loseNextAnswer($screen);
        $screen->all('[data-count] button')[0]->click();
        $screen->type('How many', '30')->press('Correct the count')->see('does not answer. What you entered is still here');
        $screen->press('Correct the count')->see('is corrected');
        $screen->open("/cases/{$case}")->press('The figures: correct or take back')->see('Changed once: what it was before');
        expect(count($screen->all('[data-count]')))->toBe(1)->and($screen->all('[data-count] strong')[0]->getText())->toBe('30');
    });
});

it('tells the second of two tabs that the batch was finished, and lets it choose', function (string $chosen, string $notes): void {
    Screen::with(Served::empty(), static function (Screen $screen) use ($chosen, $notes): void {
        $screen->open('/batches')->see('Batches');
        $batch = made($screen, '/api/batches', '{"bench": {"request": {"recipe": "mild-soap", "make": {"amount": 1, "unit": "L"}}}}');
        $screen->open("/batches/{$batch}")->see('spoonfuls are in');
        Walk::until($screen, static fn(): bool => str_contains($screen->shown(), 'It is mixed: save it'));
        $screen->type('Anything odd', 'foamed');
        $first = $screen->anotherTab();
        $screen->open("/batches/{$batch}")->see('It is mixed: save it');
        $screen->type('Anything odd', 'clear as glass')->press('Save the batch')->see('As measured');
        $second = $screen->driver->getWindowHandle();
        $screen->driver->switchTo()->window($first);
        $screen->see('It is mixed: save it')->press('Save the batch')->see('This batch was finished meanwhile')->see('clear as glass')->see('foamed');
        $screen->press($chosen)->see('As measured')->see($notes);
        $kept = $screen->later('const done = arguments[1]; fetch(arguments[0]).then((a) => a.json()).then((batch) => done(batch.notes))', ["/api/batches/{$batch}"]);
        expect($kept)->toBe($notes);
        $screen->driver->switchTo()->window($second)->close();
        $screen->driver->switchTo()->window($first);
    });
})->with([['Put yours in its place', 'foamed'], ['Keep what is saved', 'clear as glass']]);

it('shows both versions of a plant that two tabs change', function (): void {
    Screen::with(Served::empty(), static function (Screen $screen): void {
        $screen->open('/plants')->see('Add a plant');
        $plant = made($screen, '/api/plants', '{"name": "Twice changed", "tolerance": "ordinary-leaf"}');
        $screen->open("/plants/{$plant}")->press('Change it, or put it away');
        $screen->later('const done = arguments[0]; fetch("/api/plants").then((a) => a.json()).then(({ plants }) => plants.find((one) => one.name === "Twice changed")).then((plant) => fetch(`/api/plants/${plant.key}`, { method: "PUT", headers: { "Content-Type": "application/json" }, body: JSON.stringify({ basedOn: plant.version, name: "Changed there", tolerance: "ordinary-leaf", place: "Porch" }) })).then(() => done(true))');
        $screen->type('Name', 'Changed here')->press('Correct the plant')->see('This was changed meanwhile')->see('Changed there')->see('Changed here');
        $screen->press('Put yours in its place')->see('Changed here is corrected.');
        $screen->open('/plants')->see('Changed here');
        expect($screen->text())->not->toContain('Changed there');
    });
});

it('names the full disk, and keeps what was typed until it is saved, at twenty moments', function (): void {
    $disk = SmallDisk::mounted(12);
    if ($disk === null) {
        Assert::markTestSkipped('No disk may be mounted here.');
    }
    $served = Served::in($disk->folder);
    Screen::with($served, static function (Screen $screen) use ($disk): void {
        $screen->open('/plants')->see('Add a plant');
        $case = made($screen, '/api/cases', '{"plantId": ' . made($screen, '/api/plants', '{"name": "Salvia", "tolerance": "ordinary-leaf"}') . ', "pest": "aphids"}');
        $screen->open("/cases/{$case}")->see('Nothing is counted yet')->press('Count')->tick('Only a total')->see('How many');
        $saved = 0;
        for ($moment = 0; $moment < 20; ++$moment) {
            $disk->fill(random_int(0, 30_000));
            do {
                ++$saved;
                $screen->type('How many', (string) (1000 + $saved))->press('Save the count');
                $screen->until(static fn(): bool => str_contains($screen->text(), 'is full') || str_contains($screen->text(), 'The count of ' . (1000 + $saved)), 'Nothing was said.');
                if (str_contains($screen->text(), 'The count of ' . (1000 + $saved))) {
                    $screen->press('Count');
                }
            } while (! str_contains($screen->text(), 'The disk of the machine that serves is full. Nothing of this was saved. All that was saved before is there.'));
            expect(array_map(static fn($field): ?string => $field->getAttribute('value'), $screen->all('input[name="value"]')))->toContain((string) (1000 + $saved));
            if ($moment % 5 === 0) {
                $screen->open("/cases/{$case}")->see('What you typed here before was not saved yet');
            }
            $disk->clear();
            $screen->press('Save the count')->see('The count of ' . (1000 + $saved))->press('Count');
        }
        expect(Sqlite::number(Sqlite::open("{$disk->folder}/notebook.sqlite"), 'select count(distinct value) from counts'))->toBe($saved);
    });
    $served->stop();
});
