<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverSelect;
use Tests\Browser\Screen;
use Tests\Browser\Served;
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
function savedFor(string $address, int $case): int
{
    $batch = answered($address, Call::make('/api/batches', ['bench' => ['request' => ['recipe' => 'plain-soap', 'make' => ['amount' => 1, 'unit' => 'L']]], 'caseId' => $case]));
    foreach ((array) $batch->at('items') as $i => $item) {
        foreach ((array) $batch->at("items.{$i}.scoops") as $j => $scoop) {
            for ($number = 1; $number <= $batch->id("items.{$i}.scoops.{$j}.count"); ++$number) {
                answered($address, new Call('PUT', "/api/batches/{$batch->id()}/scoops/{$batch->id("items.{$i}.scoops.{$j}.id")}/ticks/{$number}", ['ticked' => true]));
            }
        }
    }

    return answered($address, new Call('POST', "/api/batches/{$batch->id()}/finish", ['standTest' => 'even']))->id();
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

/** What waits on the device, as its database has it. */
function waitingThere(Screen $screen): int
{
    $many = $screen->later(<<<'JS'
        const done = arguments[0];
        const asked = indexedDB.open('idle-mixer');
        asked.onsuccess = () => {
            const found = asked.result.transaction('outbox').objectStore('outbox').count();
            found.onsuccess = () => { asked.result.close(); done(found.result); };
        };
        JS);

    return is_int($many) ? $many : -1;
}

it('puts nothing that waited into another record after a restore, and asks where each of it belongs', function (): void {
    $folder = sys_get_temp_dir() . '/idle-mixer-restored-' . bin2hex(random_bytes(4));
    $options = ['--port', (string) Served::freePort(), '--empty'];
    $start = Start::run($folder, $options);
    $address = $start->awaitUp();
    $dahlia = answered($address, Call::make('/api/plants', ['name' => 'Dahlia', 'tolerance' => 'ordinary-leaf']))->id();
    $rose = answered($address, Call::make('/api/plants', ['name' => 'Rose', 'tolerance' => 'ordinary-leaf']))->id();
    [$code, $said] = Start::toTheEnd($folder, ['--backup', "{$folder}/before.sqlite"]);
    expect($code)->toBe(0, $said);
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
        $waited = waitingThere($screen);
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
        $screen->until(static fn(): bool => $screen->all('[data-astray]') === [] && waitingThere($screen) === 0, 'Something is still asked for.');
        expect($of("/api/cases/{$theirs['case']}")->at('counts'))->toBe([])->and($of("/api/cases/{$again}")->at('counts.0.value'))->toEqual(23);
        $at = $of("/api/cases/{$again}")->at('counts.0.countedAt');
        expect(is_string($at) ? $entered - (int) strtotime($at) : 0)->toBeGreaterThanOrEqual(0)->toBeLessThan(60);

        $start->interrupt();
    });
    exec('rm -rf ' . escapeshellarg($folder));
});
