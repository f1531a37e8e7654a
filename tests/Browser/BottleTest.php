<?php

declare(strict_types=1);

use Tests\Browser\Screen;
use Tests\Browser\Served;
use Tests\Browser\Walk;

/*
 * One bottle, on a phone, from the bench to the plant: what is added, spilled or carried to the wrong place is known on every screen.
 * Common practice, no source.
 */
const IN_THE_HAND = [390, 844];

/** Begins to mix a litre of a spray, for a case or for none. */
function mixing(Screen $screen, string $recipe, ?int $case = null): string
{
    $for = $case === null ? '' : "&case={$case}";
    $screen->open("/bench?recipe={$recipe}&make=1&unit=L{$for}")->see('ixing');
    $screen->named('button', $screen->script("return [...document.querySelectorAll('button')].some((one) => one.textContent.trim() === 'Start mixing')") === true ? 'Start mixing' : 'Mix it all the same')->click();
    $screen->see('spoonfuls are in');

    return $screen->path();
}

function caseOn(Screen $screen, string $plant, string $pest = 'aphids'): int
{
    $screen->open('/plants')->see('Add a plant');

    return $screen->made('/api/cases', '{"plantId": ' . $screen->made('/api/plants', $plant) . ', "pest": "' . $pest . '"}');
}

it('takes soap that went in after a failed glass for a line of the batch, and asks for another glass', function (): void {
    Screen::with(Served::run(), static function (Screen $screen): void {
        $case = caseOn($screen, '{"name": "Mallow", "tolerance": "ordinary-leaf"}');
        $batch = mixing($screen, 'neem-leaf-quart', $case);
        Walk::through($screen);
        $screen->see('Let a glass of it stand for a minute')->press('a ring of oil')->see('Do what its glass says')->see('to the sprayer, mix for a full minute');
        expect($screen->axe())->toBe('');
        $screen->press('I added it')->see('Let a glass of it stand for a minute');
        expect($screen->script("return document.querySelector('[data-lines]')?.textContent ?? ''"))->toContain('castile soap');
        $screen->press('even, no oil on top')->see('Stands ready')->see('Test it on leaves of Mallow');
        // The same words wherever it is met.
        $id = (int) preg_replace('/\D/', '', $batch);
        $screen->open('/batches')->see('Stands ready')->see('Next: Test it on leaves of Mallow');
        $screen->open("/cases/{$case}")->see('stands ready')->see('Test it on leaves of Mallow');
        $screen->open("/labels/{$id}")->see('Stands ready');
        $screen->open('/')->see('Test it on leaves of Mallow');
        $screen->open("/bench?case={$case}")->see('stands ready')->see('First test it on leaves of Mallow');
        expect($screen->complaints())->toBe([]);
    }, ...IN_THE_HAND);
});

it('puts back what went with half of it, and knows half of a bottle that was mixed', function (): void {
    Screen::with(Served::run(), static function (Screen $screen): void {
        mixing($screen, 'plain-soap');
        Walk::toSpoonful($screen, 1);
        $screen->press('Something went wrong')->press('Half was spilled')->see('With it went what was in. Put back:');
        expect($screen->axe())->toBe('');
        $screen->press('I put it back');
        $screen->until(static fn(): bool => $screen->all('[data-refill]') === [], 'It is still asked for.');
        Walk::through($screen);
        $screen->press('Half was spilled')->press('What is left, and where it may go')->see('500 mL');
        expect($screen->script('return document.documentElement.scrollWidth - document.documentElement.clientWidth'))->toBe(0);
        // And it can be taken back.
        $screen->press('Undo')->see('as it was before');
        expect($screen->complaints())->toBe([]);
    }, ...IN_THE_HAND);
});

it('keeps a drench off a pot, oil off a maple, and anything off a bloom that ends next week', function (string $plant, string $recipe, string $why): void {
    Screen::with(Served::run(), static function (Screen $screen) use ($plant, $recipe, $why): void {
        $plant = str_replace('NEXT WEEK', date('Y-m-d', strtotime('+6 days')), str_replace('LAST WEEK', date('Y-m-d', strtotime('-6 days')), $plant));
        $screen->open('/plants')->see('Add a plant');
        $of = $screen->made('/api/plants', $plant);
        $case = $screen->made('/api/cases', '{"plantId": ' . $of . ', "pest": "aphids"}');
        // Mixed for nobody, and then carried to the plant.
        $batch = mixing($screen, $recipe);
        Walk::through($screen);
        if (str_contains($screen->text(), 'even, no oil on top')) {
            $screen->press('even, no oil on top')->see('Stands ready');
        }
        $id = (int) preg_replace('/\D/', '', $batch);
        $screen->open("/bed?batch={$id}&case={$case}")->see($why);
        expect($screen->axe())->toBe('');
        $screen->press('Begin')->see('say why');
        expect($screen->path())->toContain('/bed');
        // The plant says the same of what stands mixed, and the case of a round that is typed in.
        $screen->open("/plants/{$of}")->see('What stands mixed')->see($why);
    }, ...IN_THE_HAND);
})->with([
    'a drench for an empty bed, carried to a pot' => ['{"name": "Fern pot", "tolerance": "ordinary-leaf", "kind": "Rose"}', 'empty-bed-neem-drench', 'roots'],
    'the wrong kind of plant: a red maple bears no oil' => ['{"name": "By the gate", "tolerance": "ordinary-leaf", "kind": "Red maple"}', 'fine-paraffin-mist', 'any oil harms'],
    'in bloom until next week' => ['{"name": "Currant", "tolerance": "ordinary-leaf", "bloomFrom": "LAST WEEK", "bloomUntil": "NEXT WEEK"}', 'plain-soap', 'bees'],
]);

it('has a plant that is dry watered today, and sprayed tomorrow', function (): void {
    Screen::with(Served::run(), static function (Screen $screen): void {
        $case = caseOn($screen, '{"name": "Mallow", "tolerance": "ordinary-leaf"}');
        $batch = mixing($screen, 'plain-soap', $case);
        Walk::through($screen);
        $id = (int) preg_replace('/\D/', '', $batch);
        $screen->open("/bed?batch={$id}&case={$case}")->press('Mallow is dry or limp')->see('dry');
        $screen->until(static fn(): bool => $screen->script("return document.querySelector('[data-gate-says]')?.textContent.includes('dry') ?? false") === true, 'The walk does not mind it.');
        $screen->open("/batches/{$id}")->see('Wait');
        expect($screen->complaints())->toBe([]);
    }, ...IN_THE_HAND);
});
