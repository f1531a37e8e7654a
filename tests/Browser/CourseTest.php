<?php

declare(strict_types=1);

use Tests\Browser\Screen;
use Tests\Browser\Served;
use Tests\Browser\Walk;

/*
 * Twenty plants that are kept clean together, on a phone: set up in under twelve taps, sprayed in one walk on which one is found infested.
 * Common practice, no source: that one gets a case of its own, and the others are looked over once, three days later.
 */
it('sets twenty plants under prevention in under twelve taps, walks over all of them, and parts with the one that is infested', function (): void {
    Screen::with(Served::shed(), static function (Screen $screen): void {
        $taps = 0;
        $tap = static function (Screen $next) use (&$taps): Screen {
            ++$taps;

            return $next;
        };
        $screen->open('/plants')->see('None yet');
        $tap($screen->press('Keep many plants clean'))->see('They are not here yet');
        $tap($screen->type('What are they?', 'Orchid'));
        $tap($screen->type('Where do they stand?', 'The rack'));
        // A list is one tap to open it and one to choose.
        $tap($tap($screen->choose('Their leaf', 'Tough, glossy leaf')));
        $tap($tap($screen->choose('What is feared?', 'Mealybugs')));
        $tap($screen->tick('Neem by the gallon'));
        expect($screen->axe())->toBe('');
        $tap($screen->press('Begin'))->see('Spray all 20 of them')->see('As prevention: the first round.');
        expect($taps)->toBeLessThan(12)->and($screen->axe())->toBe('');

        // One task on Today for all of them.
        $screen->open('/')->see('Spray all of them: The rack (20 plants)');
        expect($screen->all('[data-task]'))->toHaveCount(1);

        $screen->open('/courses/1')->press('Mix for all of them')->see('Start mixing')->press('Start mixing')->see('spoonful');
        Walk::through($screen);
        $batch = preg_replace('/\D/', '', $screen->path());
        $screen->open('/courses/1')->see('leaf');
        $screen->open("/bed?batch={$batch}&course=1")->see('Orchid 20');
        expect($screen->all('[aria-pressed=true]'))->toHaveCount(20);
        $screen->type('Why all the same?', 'Tested on one last year.')->press('Begin')->see('Gloves and glasses on.');
        $on = static function () use ($screen): string {
            $step = $screen->script('return document.querySelector("[data-step]")?.dataset.step ?? ""');

            return is_string($step) ? $step : '';
        };
        $on20 = static function (string $until) use ($screen, $on): void {
            for ($step = $on(); $step !== $until; $step = $on()) {
                $screen->script('document.querySelector("[data-part=done]").click()');
                $screen->until(static fn(): bool => $on() !== $step, "The walk does not go on from {$step}.");
            }
        };
        $on20('plant-3');
        $run = $screen->path();
        $screen->nothingWaits();
        $screen->press('Something sits on this one')->see('What is it?');
        $screen->press('Save what was found')->see('something on 1');
        expect($screen->axe())->toBe('');
        $screen->open($run)->see('Something sits on this one')->press('Not this time');
        $on20('rest');
        $screen->nothingWaits();

        // The one that was infested has a case of its own; the others are looked over once, together.
        $screen->open('/')->see('Look over The rack (19 plants)')->see('Orchid 3');
        expect($screen->all('[data-task=look-over]'))->toBe([])->and($screen->complaints())->toBe([]);
        $screen->open('/courses/1#look')->press('All 19 are clean')->see('all clean');
    }, 390, 844);
});

// Common practice, no source: after winter oil nothing is looked at before bud break; when that is, sees who stands before it.
it('asks on a vine in winter when its buds break, and looks then', function (): void {
    Screen::with(Served::shed(), static function (Screen $screen): void {
        $screen->open('/');
        $vine = $screen->made('/api/plants', '{"name": "Vine", "kind": "vine", "tolerance": "dormant-wood", "stage": "bare"}');
        $case = $screen->made('/api/cases', "{\"plantId\": {$vine}, \"pest\": \"scale\"}");
        $screen->open("/bench?recipe=winter-wood-oil&case={$case}&make=1&unit=L")->see('Start mixing')->press('Start mixing')->see('spoonful');
        Walk::through($screen);
        $screen->open("/cases/{$case}")->press('It is sprayed')->see('When do its buds break?');
        expect($screen->axe())->toBe('');
        $screen->script("const field = document.querySelector('[data-course-form] input[type=date]'); field.value = new Date(Date.now() + 9 * 86400000).toISOString().slice(0, 10); field.dispatchEvent(new Event('input', { bubbles: true }));");
        $screen->press('Save');
        $screen->until(static fn(): bool => ! str_contains($screen->text(), 'It is looked at when the buds break'), 'It is asked once more.');
        $next = $screen->later("fetch('/api/cases/{$case}').then((r) => r.json()).then((one) => arguments[0](one.next.map((task) => task.kind + ' ' + Math.round((new Date(task.dueAt) - Date.now()) / 86400000)).join(', ')))");
        expect($next)->toBeIn(['count-after 8', 'count-after 9'])->and($screen->complaints())->toBe([]);
    }, 390, 844);
});
