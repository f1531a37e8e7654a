<?php

declare(strict_types=1);

use Tests\Browser\Screen;
use Tests\Browser\Served;
use Tests\Browser\Walk;

/*
 * Two sprays side by side, each with its own plants by lot: both are mixed before the first is sprayed, both on one day, and what was sprayed
 * is on the plants. Common practice of trials, no source.
 */
it('tries two sprays on plants drawn by lot, mixed as a pair, sprayed on one walk each, and counted on the days of its plan', function (): void {
    $served = Served::tried();
    Screen::with($served, static function (Screen $screen) use ($served): void {
        $counted = static function (string $figures) use ($screen): void {
            $screen->script('document.querySelector("[data-trial-look] fieldset input").focus()');
            $screen->keys($figures);
        };
        $screen->open('/plants')->see('Add a plant');
        for ($bean = 1; $bean <= 6; ++$bean) {
            $screen->made('/api/plants', '{"name": "Bean ' . $bean . '", "tolerance": "ordinary-leaf", "place": "The long bed"}');
        }
        $screen->open('/trials')->see('What is marked');
        $screen->choose('One side', 'Plain soap spray')->choose('The other side', 'Neem by the gallon')->choose('What is marked', 'Whole plants')->press('All of “The long bed” (6)')->see('6 are chosen');
        expect($screen->axe())->toBe('');
        $screen->press('Draw the lots')->see('Who gets what')->see('Count all of them first')->see('Bean 6');
        expect($screen->all('[data-lot=A]'))->toHaveCount(3);
        $trial = $screen->path();
        $counted('12 11 13 12 11 12');
        $screen->press('Save the look')->see('Spray both sides today');
        expect($screen->axe())->toBe('');
        // Mixed as a pair: the second is asked for before the first is sprayed.
        $batches = [];
        foreach (['A', 'B'] as $letter) {
            $screen->open($trial)->see("Mix {$letter}")->press("Mix {$letter}")->see('Start mixing')->press('Start mixing')->see('spoonful');
            Walk::through($screen);
            $batches[$letter] = (string) preg_replace('/\D/', '', $screen->path());
        }
        $screen->open($trial)->see('Spray both sides today');
        expect($screen->all('[data-sides] a.act'))->toHaveCount(1)->and($screen->all('[data-side=A] a.act'))->toHaveCount(1);
        foreach ($batches as $letter => $batch) {
            $course = $screen->later("fetch('/api{$trial}').then((r) => r.json()).then((t) => arguments[0](t.sides.find((s) => s.letter === '{$letter}').course.id))");
            assert(is_int($course));
            $screen->open("/bed?batch={$batch}&course={$course}")->see('Bean');
            expect($screen->all('[aria-pressed=true]'))->toHaveCount(3);
            $screen->type('Why all the same?', 'Tested last year.')->press('Begin')->see('Gloves and glasses on.');
            $on = static function () use ($screen): string {
                $step = $screen->script('return document.querySelector("[data-step]")?.dataset.step ?? ""');

                return is_string($step) ? $step : '';
            };
            for ($step = $on(); $step !== 'rest'; $step = $on()) {
                $screen->script('document.querySelector("[data-part=done]").click()');
                $screen->until(static fn(): bool => $on() !== $step, "The walk does not go on from {$step}.");
            }
            $screen->nothingWaits();
        }
        $screen->open($trial)->see('Sprayed. Count all of them again')->see('It ends on');
        expect($screen->axe())->toBe('');
        // A plant has what was sprayed on it, and leads to the trial.
        $plant = $screen->script('return document.querySelector("[data-lot=A] a").getAttribute("href")');
        assert(is_string($plant));
        $screen->open($plant)->see('Plain soap spray');
        $screen->open('/courses/1')->see('Side A of a trial');
        $served->passHours(75);
        $screen->open('/')->see('Count all of the trial')->press('Count them')->see('Count on each');
        $lots = $screen->script('return [...document.querySelectorAll("[data-lot]")].map((l) => l.dataset.lot).join("")');
        assert(is_string($lots));
        $counted(implode(' ', array_map(static fn(string $lot): string => $lot === 'A' ? '1' : '12', str_split($lots))));
        $screen->press('Save the look')->see('Neem by the gallon left')->press('End it')->see('Ended');
        expect($screen->axe())->toBe('')->and($screen->complaints())->toBe([]);
    }, 390, 844);
});

it('keeps what was bought for all plants of a course at once, and draws it', function (int $width, int $height): void {
    Screen::with(Served::tried(), static function (Screen $screen) use ($width): void {
        $screen->open('/plants')->see('Add a plant');
        $course = $screen->made('/api/courses', '{"name": "Shelf ' . $width . '", "recipes": ["neem-by-the-gallon"], "plantIds": [], "newPlants": {"count": 4, "name": "Fern", "tolerance": "ordinary-leaf"}}');
        $screen->open("/courses/{$course}")->press('Something bought went on all of them')->type('Its name, as you call it', 'From the green jug');
        expect($screen->axe())->toBe('');
        $screen->press('Keep it for all of them')->see('what comes next is decided on 7 days later');
        expect($screen->all('[data-entry=bought]'))->toHaveCount(1)->and($screen->text())->toContain('From the green jug.')->and($screen->axe())->toBe('');
        $screen->named('[data-bought] button', 'Take back: From the green jug')->click();
        $screen->until(static fn(): bool => $screen->all('[data-entry=bought]') === [], 'It is still there.');
        expect($screen->complaints())->toBe([]);
    }, $width, $height);
})->with([[1280, 800], [390, 844]]);

it('keeps what was bought for one side of a trial, and warns of anything else until it has ended', function (): void {
    Screen::with(Served::tried(), static function (Screen $screen): void {
        $screen->open('/plants')->see('Add a plant');
        $rose = $screen->made('/api/plants', '{"name": "Rose", "tolerance": "ordinary-leaf"}');
        $trial = $screen->made('/api/trials', '{"pest": "aphids", "name": "Jug or nothing", "one": "Green jug", "otherAlone": true, "plantIds": [' . $rose . '], "unit": "leaf", "units": 6}');
        $key = $screen->later("fetch('/api/trials/{$trial}').then((r) => r.json()).then((one) => arguments[0](one.key))");
        assert(is_string($key));
        $screen->made("/api/trials/{$key}/looks", '{"counts": [9, 8, 9, 8, 9, 8]}');
        $screen->open("/trials/{$trial}")->see('Left alone')->press('Keep that A is sprayed')->see('Side A of a trial')->press('Something bought went on all of them')->type('Its name, as you call it', 'Green jug');
        expect($screen->axe())->toBe('');
        $screen->press('Keep it for all of them')->see('What was bought for them');
        expect($screen->axe())->toBe('');
        $screen->open("/trials/{$trial}")->see('Sprayed. Count all of them again');
        expect($screen->axe())->toBe('')->and($screen->complaints())->toBe([]);
    });
});
