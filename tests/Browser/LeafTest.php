<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Photograph;
use Tests\Browser\Screen;
use Tests\Browser\Served;
use Tests\Browser\Walk;

/** Percent that the photograph on the screen was measured to. */
function measuredShare(Screen $screen): float
{
    $screen->until(static fn(): bool => $screen->all('[data-measured]') !== [], 'Nothing was measured.');
    preg_match('/^([\d.]+) % hurt/', trim($screen->all('[data-measured]')[0]->getText()), $found);

    return (float) ($found[1] ?? -1);
}

it('tests a spray on leaves before the full batch: cup, wait, photographs, verdict, and a gate before a stronger one', function (): void {
    $served = Served::leaves();
    Screen::with($served, static function (Screen $screen) use ($served): void {
        $screen->open('/plants')->see('Add a plant');
        $plant = $screen->made('/api/plants', '{"name": "Zinnia", "tolerance": "ordinary-leaf", "kind": "Zinnia"}');
        $case = $screen->made('/api/cases', '{"plantId": ' . $plant . ', "pest": "aphids"}');
        $screen->made('/api/sprayers', '{"name": "Green can", "holds": {"amount": 1, "unit": "L"}}');

        // A cup of neem, which keeps eight hours, before the full batch.
        $screen->open("/bench?case={$case}")->see('Start mixing')->choose('Spray', 'Neem leaf spray');
        $screen->choose('Sprayer', 'a cup, to test leaves');
        expect($screen->script('return document.querySelector("input[aria-label=Make]").value'))->toBe('1');
        $screen->press('Start mixing')->see('spoonful');
        Walk::through($screen);
        $cup = $screen->path();
        $screen->see('Which leaves, and when')->press('The leaves are wet: start waiting')->see('Wait: 48 hours to go');
        $test = $screen->path();
        $open = static function () use ($screen, $test): void {
            $screen->open($test)->see('How do the leaves look?');
            $screen->named('[data-leaf="1"] summary', 'What, where, or a photograph')->click();
            $screen->press('Measure a photograph')->see('One leaf on plain white paper');
        };
        $open();
        Photograph::into($screen, 'input[aria-label="Leaf 1: photograph before it was wetted"]', 'none', 0.0);
        expect(measuredShare($screen))->toBe(0.0);

        $served->passHours(48);
        $screen->open('/')->see('Look at the test leaves')->press('Say how they look')->see('The wait is over');
        $open();
        Photograph::into($screen, 'input[aria-label="Leaf 1: photograph now"]', 'brown', 0.12);
        $share = measuredShare($screen);
        expect($share)->toBeGreaterThan(8.0)->toBeLessThan(16.0);
        $screen->see('what was there before is taken off');
        // The browser turned it upright and sent what it shows, no more than 1,600 pixels long.
        expect($screen->script('const i = document.querySelector("[data-photo] img"); return i.naturalHeight > i.naturalWidth && i.naturalHeight <= 1600'))->toBeTrue();
        // What looks hurt and is none: a tap in the middle of it.
        $screen->script("const i = document.querySelector('[data-photo] canvas').parentElement, b = i.getBoundingClientRect(); const c = document.querySelector('[data-photo] canvas'), d = c.getContext('2d').getImageData(0, 0, c.width, c.height).data; let at = 0, run = 0, best = 0; for (let k = 0; k < d.length; k += 4) { run = d[k + 3] > 150 ? run + 1 : 0; if (run > best) { best = run; at = k / 4 - Math.floor(run / 2); } } i.dispatchEvent(new MouseEvent('click', { bubbles: true, clientX: b.left + (at % c.width) / c.width * b.width, clientY: b.top + Math.floor(at / c.width) / c.height * b.height }));");
        $screen->until(static fn(): bool => measuredShare($screen) < $share, 'The tap took nothing away.');
        $screen->press('As measured');
        $screen->until(static fn(): bool => measuredShare($screen) === $share, 'It is not as measured again.');
        $screen->named('[data-photo] button', "Take {$share} % for leaf 1")->click();

        // Leaf 1 is marked, the others and those beside are clean: stop, and half of it is one tap away.
        foreach ([2, 3, 4, 5] as $leaf) {
            $screen->press("Leaf {$leaf}, not said yet")->press('It is clean');
        }
        $screen->press('Save this look')->see('of the worst leaf is hurt')->press('Half strength, test again')->see('Start mixing');
        expect($screen->script('return location.search'))->toContain('dose=half')->toContain('cup=1')->and($screen->script('return document.querySelector("select[aria-label=Sprayer]").selectedOptions[0].innerText'))->toContain('a cup');
        $screen->press('Start mixing')->see('spoonful');
        Walk::through($screen);
        $screen->press('The leaves are wet: start waiting')->see('Wait: 48 hours to go');
        $half = $screen->path();
        $served->passHours(49);
        $screen->open($half)->press('All are clean')->press('Save this look')->see('none of 3 leaves')->see('two leaves in three');

        // A fresh batch of the half strength may go; the full one is stopped at the gate, and goes only with a reason.
        $id = preg_replace('/\D/', '', $cup);
        foreach ([['0.5', true], ['1', false]] as [$times, $free]) {
            $mix = $free ? 'Start mixing' : 'Mix it all the same';
            $screen->open("/bench?again={$id}&times={$times}")->see($mix)->press($mix)->see('spoonful');
            Walk::through($screen);
            $screen->open("/cases/{$case}")->see(': mixed.');
            expect($screen->all('[data-gate]') === [])->toBe($free);
            if ($free) {
                $screen->press('It is sprayed')->see('The round is saved.');
                $served->passHours(1);
            }
        }
        $screen->named('[data-gate] summary', 'It was sprayed all the same')->click();
        $screen->type('Why all the same?', 'The half did not hold them')->press('Sprayed for that reason')->see('Sprayed against the advice: The half did not hold them');
        expect($screen->complaints())->toBe([]);
    });
});

it('trains the eye on ten drawn leaves, and says how it reads', function (): void {
    Screen::with(Served::leaves(), static function (Screen $screen): void {
        $screen->open('/eye')->see('Ten drawn leaves');
        $first = $screen->script('return document.querySelector("main svg").innerHTML');
        foreach ($screen->all('main ol input') as $field) {
            $field->sendKeys('20');
        }
        $screen->press('Tell me')->see('Agreement');
        expect($screen->all('[data-truth]'))->toHaveCount(10);
        $screen->press('Ten others')->see('Last time:');
        expect($screen->script('return document.querySelector("main svg").innerHTML'))->not->toBe($first)->and($screen->complaints())->toBe([]);
    });
});

it('shows one leaf at a time, slides through what is drawn, and prints a sheet to mark at the plant', function (): void {
    Screen::with(Served::demo(), static function (Screen $screen): void {
        $screen->whole('/leaf-tests/7')->until(static fn(): bool => $screen->all('[data-plate]') !== [], 'No leaf is drawn.');
        expect($screen->all('[data-leaf]'))->toHaveCount(1);
        $plate = static fn(): mixed => $screen->script("return Number(document.querySelector('[data-plate]').dataset.plate)");
        $size = $screen->script("const b = document.querySelector('[data-plate]').getBoundingClientRect(); return Math.round(b.width)");
        $slider = $screen->all('[data-leaf] input[type=range]')[0];
        // From clean by 1, 2 and 5 to 10 percent.
        $slider->sendKeys(str_repeat(WebDriverKeys::ARROW_RIGHT, 4));
        expect($size)->toBe(220)->and($plate())->toBe(10)->and($slider->getAttribute('aria-valuetext'))->toBe('10 %');
        $hurt = static fn(): mixed => $screen->script("return getComputedStyle(document.querySelector('[data-plate] pattern rect')).fill");
        $day = $hurt();
        $screen->script("document.documentElement.dataset.theme = 'shed'");
        // What is hurt has the colour of a leaf, by night, too.
        expect($hurt())->toBe($day);
        $screen->press('Next leaf')->see('Leaf 2, full strength: not said yet')->press('Leaf 1')->see('Leaf 1, full strength: 10 %');
        $screen->onPaper();
        expect($screen->script("return [...document.querySelectorAll('[data-sheet] figure')].filter((one) => one.checkVisibility()).length"))->toBe(5)
            ->and($screen->complaints())->toBe([]);
    });
});
