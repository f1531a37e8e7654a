<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;
use Tests\Browser\Screen;
use Tests\Browser\Served;
use Tests\Browser\Walk;
use Tests\Faults\Call;
use Tests\Faults\Devices;
use Tests\Faults\Reply;
use Tests\Faults\Start;

/*
 * A notebook is put back from its copy while a phone is away with what it entered: row numbers go on from an earlier time, and
 * what waits must land in no other record.
 */

function answered(string $address, Call $call): Reply
{
    $reply = Devices::one($address, $call);
    expect($reply->acknowledged())->toBeTrue($call->path . ': ' . $reply->message());

    return $reply;
}

/** A batch with every spoonful in it, that is saved. */
function savedFor(string $address, int $case, string $recipe = 'plain-soap', string $glass = 'even'): int
{
    $batch = answered($address, Call::make('/api/batches', ['bench' => ['request' => ['recipe' => $recipe, 'make' => ['amount' => 1, 'unit' => 'L']]], 'caseId' => $case]))->id();
    tickedUp($address, $batch);

    return answered($address, new Call('POST', "/api/batches/{$batch}/finish", ['standTest' => $glass]))->id();
}

/** Every spoonful is in. */
function tickedUp(string $address, int $batch): void
{
    $of = Devices::one($address, new Call('GET', "/api/batches/{$batch}", []));
    foreach ((array) $of->at('items') as $i => $item) {
        foreach ((array) $of->at("items.{$i}.scoops") as $j => $scoop) {
            for ($number = 1; $number <= $of->id("items.{$i}.scoops.{$j}.count"); ++$number) {
                answered($address, new Call('PUT', "/api/batches/{$batch}/scoops/{$of->id("items.{$i}.scoops.{$j}.id")}/ticks/{$number}", ['ticked' => true]));
            }
        }
    }
}

/** @return array{case: int, batch: int, mixing: int, test: int, run: int} a case with one of everything that is written to without a line */
function withEverything(string $address, int $plant, string $pest): array
{
    $case = answered($address, Call::make('/api/cases', ['plantId' => $plant, 'pest' => $pest]))->id();
    $batch = savedFor($address, $case);
    answered($address, Call::make("/api/cases/{$case}/rounds", ['batchId' => $batch, 'override' => 'It was urgent']));
    $mixing = answered($address, Call::make('/api/batches', ['bench' => ['request' => ['recipe' => 'plain-soap', 'make' => ['amount' => 1, 'unit' => 'L']]], 'caseId' => $case]))->id();
    $test = answered($address, Call::make('/api/leaf-tests', ['batchId' => $batch, 'plantId' => $plant, 'leaves' => 2, 'controls' => false]))->id();
    $run = answered($address, Call::make('/api/runs', ['batchId' => $batch, 'caseIds' => [$case], 'override' => 'It was urgent']))->id();

    return ['case' => $case, 'batch' => $batch, 'mixing' => $mixing, 'test' => $test, 'run' => $run];
}

/** @return array{Start, string, int, int, list<string>} what serves a notebook with a copy of two plants, its address, the plants, and how it is started */
function copied(string $folder): array
{
    $options = ['--port', (string) Served::freePort(), '--empty'];
    $start = Start::run($folder, $options);
    $address = $start->awaitUp();
    $dahlia = answered($address, Call::make('/api/plants', ['name' => 'Dahlia', 'tolerance' => 'ordinary-leaf']))->id();
    $rose = answered($address, Call::make('/api/plants', ['name' => 'Rose', 'tolerance' => 'ordinary-leaf']))->id();
    [$code, $said] = Start::toTheEnd($folder, ['--backup', "{$folder}/before.sqlite"]);
    expect($code)->toBe(0, $said);

    return [$start, $address, $dahlia, $rose, $options];
}

it('puts nothing that waited into another record after a restore, and asks where each of it belongs', function (): void {
    $folder = sys_get_temp_dir() . '/idle-mixer-restored-' . bin2hex(random_bytes(4));
    [$start, $address, $dahlia, $rose, $options] = copied($folder);
    $mine = withEverything($address, $dahlia, 'aphids');

    Screen::with($address, static function (Screen $screen) use (&$start, $folder, $options, $address, $mine, $dahlia, $rose): void {
        // The phone has seen all of it, and goes where no line is.
        $screen->open("/cases/{$mine['case']}")->see('Aphids on Dahlia');
        $screen->until(static fn(): bool => $screen->script('return navigator.serviceWorker.controller !== null && document.documentElement.dataset.offline === "ready"') === true, 'No worker took this page.');
        foreach (["/cases/{$mine['case']}" => 'Dahlia', "/leaf-tests/{$mine['test']}" => 'Dahlia', "/runs/{$mine['run']}" => 'Gloves and glasses', "/batches/{$mine['mixing']}" => 'spoonfuls are in'] as $path => $says) {
            $screen->open($path)->see($says);
            usleep(1_600_000);
        }
        expect($start->interrupt())->toBe(0);
        $screen->open("/batches/{$mine['mixing']}")->see('spoonfuls are in')->keys('n')->see('waits on this device');
        $screen->open("/runs/{$mine['run']}")->see('Gloves and glasses on.')->press('Done');
        $screen->open("/leaf-tests/{$mine['test']}")->press('All are clean')->press('Save this look')->see('is kept on this device');
        $screen->open("/cases/{$mine['case']}")->press('Count')->tick('Only a total');
        $screen->type('How many', '23')->press('Save the count')->see('A count of 23 is kept on this device');
        $entered = time();
        $waited = $screen->waiting();
        expect($waited)->toBe(4);
        $screen->driver->get('about:blank');

        // The copy is put back, and the rose has the same row numbers now.
        [$code, $said] = Start::toTheEnd($folder, ['--restore', "{$folder}/before.sqlite"]);
        expect($code)->toBe(0, $said);
        $start = Start::run($folder, $options);
        $start->awaitUp();
        $theirs = withEverything($address, $rose, 'spider-mites');
        expect($theirs)->toBe($mine);
        $again = answered($address, Call::make('/api/cases', ['plantId' => $dahlia, 'pest' => 'aphids']))->id();

        $screen->open('/')->see('4 things were entered here for the notebook as it was before a copy was put in its place');
        $screen->until(static fn(): bool => count($screen->all('[data-astray]')) === 4, static fn(): string => 'Not all of it is asked for: ' . $screen->text());
        $screen->see('A count of 23, Aphids on Dahlia')->see('A look at test leaves, Plain soap spray, Dahlia')->see('A step in the bed');
        expect($screen->axe())->toBe('');
        $screen->resize(390, 844);
        expect($screen->script('return document.documentElement.scrollWidth <= innerWidth'))->toBeTrue();
        $screen->resize(1280, 800);
        // Nothing was sent into what bears its number now.
        $of = static fn(string $path): Reply => Devices::one($address, new Call('GET', $path, []));
        expect($of("/api/cases/{$theirs['case']}")->at('counts'))->toBe([])
            ->and($of("/api/leaf-tests/{$theirs['test']}")->at('readings'))->toBe([])
            ->and($of("/api/runs/{$theirs['run']}")->at('current'))->toBe('protect')
            ->and($of("/api/batches/{$theirs['mixing']}")->at('items.0.scoops.0.ticked'))->toBe([]);

        // The count goes where it belongs, with its hour; what belongs to nothing is thrown away by hand.
        (new WebDriverSelect($screen->all('[data-astray=cases] select')[0]))->selectByVisiblePartialText('Aphids on Dahlia');
        $screen->script('document.querySelector("[data-astray=cases] [data-put]").click()');
        $screen->until(static fn(): bool => is_array($of("/api/cases/{$again}")->at('counts')) && count($of("/api/cases/{$again}")->at('counts')) === 1, 'The count did not arrive.');
        foreach (['runs', 'batches', 'leaf-tests'] as $kind) {
            $screen->script("document.querySelector('[data-astray={$kind}] [data-away]').click()");
        }
        $screen->until(static fn(): bool => $screen->all('[data-astray]') === [] && $screen->waiting() === 0, 'Something is still asked for.');
        expect($of("/api/cases/{$theirs['case']}")->at('counts'))->toBe([])->and($of("/api/cases/{$again}")->at('counts.0.value'))->toEqual(23);
        $at = $of("/api/cases/{$again}")->at('counts.0.countedAt');
        // Its hour, not that of its arrival. How long the call was on its way nobody can tell, so it may be some seconds late.
        $late = (is_string($at) ? (int) strtotime($at) : 0) - $entered;
        expect(abs($late))->toBeLessThan(min(60, (time() - $entered) / 2));

        $start->interrupt();
    });
    exec('rm -rf ' . escapeshellarg($folder));
});

/** A batch of neem with every spoonful in it, that is saved and waits for its glass; and a walk that is at its last step. */
function atTheEnd(string $address, int $case, int $run): int
{
    foreach ((array) Devices::one($address, new Call('GET', "/api/runs/{$run}", []))->at('steps') as $step) {
        if (is_array($step) && is_string($step['key']) && $step['key'] !== 'rest') {
            answered($address, new Call('PUT', "/api/runs/{$run}/steps/{$step['key']}", ['done' => true]));
        }
    }

    return savedFor($address, $case, 'neem-leaf-quart', 'not-done');
}

it('asks where a round, a burn, a glass, a spill, a batch that was saved and the end of a walk belong after a restore', function (): void {
    $folder = sys_get_temp_dir() . '/idle-mixer-restored-' . bin2hex(random_bytes(4));
    [$start, $address, $dahlia, $rose, $options] = copied($folder);
    $mine = withEverything($address, $dahlia, 'aphids');
    $glass = atTheEnd($address, $mine['case'], $mine['run']);

    Screen::with($address, static function (Screen $screen) use (&$start, $folder, $options, $address, $mine, $glass, $rose): void {
        $screen->open("/cases/{$mine['case']}")->see('Aphids on Dahlia');
        $screen->until(static fn(): bool => $screen->script('return navigator.serviceWorker.controller !== null && document.documentElement.dataset.offline === "ready"') === true, 'No worker took this page.');
        foreach (["/cases/{$mine['case']}" => 'Dahlia', "/runs/{$mine['run']}" => 'How much is left', "/batches/{$glass}" => 'glass', "/batches/{$mine['mixing']}" => 'spoonfuls are in'] as $path => $says) {
            $screen->open($path);
            $screen->until(static fn(): bool => str_contains($screen->text(), $says) || $screen->all("[aria-label='{$says}']") !== [], static fn(): string => "“{$says}” is not there: " . $screen->text());
            usleep(1_600_000);
        }
        Walk::toSaving($screen);
        $screen->nothingWaits();
        $screen->open("/batches/{$mine['mixing']}")->see('mixed: save it');
        usleep(1_600_000);
        expect($start->interrupt())->toBe(0);
        $screen->open("/batches/{$mine['mixing']}")->press('Something went wrong')->press('A quarter was spilled')->see('is kept on this device')->press('Something went wrong');
        $screen->press('Save the batch')->see('Finished on this device');
        $screen->open("/batches/{$glass}")->press('even, no oil on top')->see('is kept on this device');
        $screen->open("/runs/{$mine['run']}")->press('Nothing');
        $screen->until(static fn(): bool => $screen->waiting() === 4, 'The end of the walk does not wait.');
        $screen->open("/cases/{$mine['case']}")->press('It was sprayed')->type('It may not go on, or is not proven', 'It was urgent')->keys(WebDriverKeys::ENTER)->see('is kept on this device');
        $screen->open("/cases/{$mine['case']}")->press('Burnt leaves?')->type('The worst leaves are hurt by', '30')->press('They burnt')->see('is kept on this device');
        expect($screen->waiting())->toBe(6);
        $screen->driver->get('about:blank');

        [$code, $said] = Start::toTheEnd($folder, ['--restore', "{$folder}/before.sqlite"]);
        expect($code)->toBe(0, $said);
        $start = Start::run($folder, $options);
        $start->awaitUp();
        $theirs = withEverything($address, $rose, 'spider-mites');
        expect($theirs)->toBe($mine)->and(atTheEnd($address, $theirs['case'], $theirs['run']))->toBe($glass);

        $screen->open('/')->see('6 things were entered here for the notebook as it was before a copy was put in its place');
        expect($screen->axe())->toBe('');
        // Nothing was sent into what bears its number now.
        $of = static fn(string $path): Reply => Devices::one($address, new Call('GET', $path, []));
        $untouched = static function () use ($of, $theirs, $glass): void {
            expect((array) $of("/api/cases/{$theirs['case']}")->at('rounds'))->toHaveCount(2)
                ->and($of("/api/cases/{$theirs['case']}")->at('rounds.0.burns'))->toBe([])
                ->and($of("/api/batches/{$theirs['mixing']}")->at('madeAt'))->toBeNull()
                ->and($of("/api/batches/{$theirs['mixing']}")->at('lines'))->toBe([])
                ->and($of("/api/batches/{$glass}")->at('standTest'))->toBe('not-done')
                ->and($of("/api/runs/{$theirs['run']}")->at('finishedAt'))->toBeNull();
        };
        $untouched();
        // What belongs to nothing any more is thrown away by hand, each by itself.
        $screen->until(static function () use ($screen): bool {
            $screen->script("document.querySelector('[data-astray] [data-away]')?.click()");

            return $screen->all('[data-astray]') === [] && $screen->waiting() === 0;
        }, 'Something is still asked for.');
        $untouched();
        $start->interrupt();
    });
    exec('rm -rf ' . escapeshellarg($folder));
});
