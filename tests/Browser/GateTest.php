<?php

declare(strict_types=1);

use Tests\Browser\Photograph;
use Tests\Browser\Screen;
use Tests\Browser\Served;

/*
 * May it go on? as a gardener meets it on a phone: what is burnt is said once, and every screen stops the spray that did it. Common practice,
 * no source.
 */

/** Mixes a litre of plain soap for a case, every spoonful ticked; returns its number and its identity. */
function soapInABottle(Screen $screen, int $case, bool $sprayed): int
{
    $id = $screen->later(<<<'JS'
        const [caseId, sprayed, done] = arguments;
        const call = (method, path, body) => fetch(path, { method, headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(body) }).then((answer) => answer.json());
        (async () => {
            const batch = await call('POST', '/api/batches', { submission: crypto.randomUUID(), caseId, bench: { request: { recipe: 'plain-soap', make: { amount: 1, unit: 'L' } } } });
            for (const scoop of batch.items.flatMap((item) => item.scoops)) {
                for (let number = 1; number <= scoop.count; ++number) {
                    await call('PUT', `/api/batches/${batch.key}/scoops/${scoop.id}/ticks/${number}`, { ticked: true });
                }
            }
            await call('POST', `/api/batches/${batch.key}/finish`, { standTest: 'even' });
            if (sprayed) {
                const one = await (await fetch(`/api/cases/${caseId}`)).json();
                await call('POST', `/api/cases/${one.key}/rounds`, { submission: crypto.randomUUID(), batch: batch.key, override: 'It was urgent.' });
            }
            done(batch.id);
        })();
        JS, [$case, $sprayed]);

    return is_int($id) ? $id : throw new RuntimeException('Nothing was mixed.');
}

it('stops what burnt a plant on every screen, from one tap on its page', function (): void {
    Screen::with(Served::season(), static function (Screen $screen): void {
        $screen->open('/plants');
        $plant = $screen->made('/api/plants', '{"name":"Pot rose","kind":"Rose","tolerance":"ordinary-leaf"}');
        $case = $screen->made('/api/cases', '{"plantId":' . $plant . ',"pest":"aphids"}');
        soapInABottle($screen, $case, sprayed: true);
        // What is mixed after a round waits for the next one.
        sleep(2);
        $fresh = soapInABottle($screen, $case, sprayed: false);
        $screen->open("/plants/{$plant}")->see('What stands mixed')->see('Wet two leaves first');

        $screen->open('/')->press('The leaves of a plant look burnt')->see('Which plant looks burnt?');
        $screen->open("/plants/{$plant}#burnt")->see('Nothing else on it for 14 days')->see('After which round?')->see('likely');
        expect($screen->axe())->toBe('');
        // It was never tested: a photograph of the worst leaf proposes how much, and stays with the burn.
        Photograph::into($screen, '[data-photograph] input', 'brown', 0.3);
        $screen->see('The photograph shows');
        $screen->type('The worst leaves are hurt by', '30')->press('They burnt');
        $screen->see('Test two leaves with half of it, or choose another spray.');

        // The same at every door.
        $stop = 'This spray burnt this kind of plant';
        $screen->open("/plants/{$plant}")->see($stop);
        $screen->open("/batches/{$fresh}")->see('May it go on?')->see($stop);
        $screen->open("/labels/{$fresh}")->see($stop);
        $screen->open("/cases/{$case}")->see($stop)->see('Choose another');
        expect($screen->script("const picture = document.querySelector('[data-burn] img'); return picture !== null && picture.complete && picture.naturalWidth > 0;"))->toBeTrue();
        expect($screen->text())->not->toContain('The same again');
        $screen->open("/bed?batch={$fresh}")->see($stop);
        $screen->open("/bench?case={$case}&recipe=plain-soap")->see($stop)->see('Mix it all the same');
        // Another of its kind.
        $other = $screen->made('/api/plants', '{"name":"Bed rose","kind":"rose","tolerance":"ordinary-leaf"}');
        $screen->open("/plants/{$other}")->see($stop);
    }, 390, 844);
});

it('proposes what a kind of plant tells, and takes it over by a tap', function (): void {
    Screen::with(Served::season(), static function (Screen $screen): void {
        $screen->open('/plants')->press('Add a plant')->type('Name', 'The maple by the gate')->type('What it is', 'Red maple')
            ->see('Red maple, as handbooks have it: ordinary leaf, bears no oil, bare in winter.')->press('Take that over');
        $screen->choose('Stage', 'In leaf')->press('Add the plant')->see('The maple by the gate');
        $maple = $screen->later("const [done] = arguments; fetch('/api/plants').then((answer) => answer.json()).then(({ plants }) => done(plants.find((one) => one.name === 'The maple by the gate').id))");
        assert(is_int($maple));
        $screen->open("/bench?plant={$maple}&recipe=fine-paraffin-mist")->see('any oil harms red maple');
        expect($screen->axe())->toBe('');
    }, 390, 844);
});
