<?php

declare(strict_types=1);

use Tests\Browser\Screen;
use Tests\Browser\Served;

function section(Screen $screen, string $name): string
{
    return $screen->all("section[aria-label=\"{$name}\"]")[0]->getText();
}

function file_of(string $name, string $text): string
{
    $file = sys_get_temp_dir() . "/idle-mixer-{$name}";
    file_put_contents($file, $text);

    return $file;
}

it('takes a syringe with marks, a dropper and a scale, and measures what they really hold', function (): void {
    Screen::with(Served::shed(), static function (Screen $screen): void {
        $screen->open('/shed')->see('Another measure')->press('Another measure');
        $add = static function (string $kind, string $name, string $holds, ?string $step = null) use ($screen): void {
            $screen->choose('It is', $kind);
            $fields = $screen->all('section[aria-label="Measures"] details[open] input');
            $fields[0]->sendKeys($name);
            $fields[1]->clear();
            $fields[1]->sendKeys($holds);
            if ($step !== null) {
                $screen->type('From one readable mark', $step);
            }
            $screen->named('section[aria-label="Measures"] form button', 'Add')->click();
            $screen->see("{$name}, ");
        };
        $add('a syringe', 'Green syringe', '5', '0.5');
        $add('a dropper', 'Pipette', '0.05');
        $add('a kitchen scale', 'Old scale', '2');
        expect(section($screen, 'Measures'))->toContain('Green syringe, 5 mL, a mark every ½ mL')->toContain('Old scale, a scale that shows steps of 2 g');

        // 30 drops filled 2 mL: 0.0667 mL each, a third more than the pharmacist's drop (UCUM: 0.05 mL).
        $screen->press('Measure one of them')->choose('Which', 'Pipette')->type('So many', '30')->type('came to', '2')->press('Count it as that')->see('30 of it filled 2 mL: 0.0667 mL each');

        // The bench fills the syringe to a mark that is on it, and says so.
        $screen->open('/bench?recipe=mild-soap')->see('What was checked');
        if ($screen->all('select[aria-label="Sprayer"]') !== []) {
            $screen->choose('Sprayer', 'one go');
        }
        $screen->type('Make', '1')->choose('Unit', 'L')->see('Green syringe to the 3 mL mark');
        expect($screen->complaints())->toBe([]);
    });
});

it('measures a squirt once, and from then on a squirt is that', function (): void {
    Screen::with(Served::shed(), static function (Screen $screen): void {
        $screen->open('/recipes/write')->see('Understood so far')->type('What goes in', "1 l water\na squirt of castile")->see('a squirt');
        $screen->until(static fn(): bool => preg_match('/Taken: [\d.½]+ to [\d.½]+ mL of castile soap/', $screen->text()) === 1, 'A squirt is no range.');
        $screen->open('/shed')->see('What words mean here')->press('What words mean here')->press('Amounts by eye, measured once')->type('a squirt', '3,5');
        $screen->named('[aria-label="Our measures"] button', 'Keep')->click();
        $screen->see('Kept');
        $screen->open('/recipes/write')->see('Taken: 3½ mL of castile soap')->see('Taken as this household measured it: a squirt');
        expect($screen->complaints())->toBe([]);
    });
});

it('reads several recipe files at once, says of each what became of it, and puts an earlier version back', function (): void {
    $recipe = static fn(int|float $ml): string => json_encode([
        'format' => 'idle-mixer/recipe', 'version' => 1, 'slug' => 'file-soap', 'name' => 'File soap', 'use' => 'foliar', 'order' => 'all-together',
        'basis' => ['amount' => 1, 'unit' => 'L', 'of' => 'water'], 'lines' => [['ingredient' => 'castile-soap', 'amount' => $ml, 'unit' => 'mL']], 'notes' => '',
    ], \JSON_THROW_ON_ERROR);
    Screen::with(Served::shed(), static function (Screen $screen) use ($recipe): void {
        $screen->open('/shed')->press('From files, and into files')->see('Read recipe documents from files');
        $screen->all('input[type="file"]')[0]->sendKeys(file_of('one.json', $recipe(5)) . "\n" . file_of('two.json', $recipe(10)) . "\n" . file_of('bad.json', '{"format":"idle-mixer/recipe","colour":1}') . "\n" . file_of('no.json', 'two spoons'));
        $screen->see('kept as File soap, version 1')->see('another is kept here already, version 1; nothing was overwritten')->see('There is no key “colour” here')->see('This is no JSON; a recipe document is needed')->press('Keep it as the next version')->see('kept as File soap, version 2');
        $screen->open('/recipes/write?edit=file-soap')->see('10 mL of castile soap')->press('Versions of it')->see('Version 1');
        // The oldest stands last.
        $versions = $screen->all('[data-versions] button');
        $versions[1]->click();
        $screen->see('Taken: 5 mL of castile soap')->press('Keep this recipe')->see('What was checked');
        $screen->open('/shed')->see('your own, version 1');
        // The browser itself notes the two documents that were not kept at once, and nothing else.
        $complaints = $screen->complaints();
        expect($complaints)->toHaveCount(2)->and(implode(' ', $complaints))->toContain('409')->toContain('422');
    });
});

it('finds the way out on a phone, too', function (): void {
    Screen::with(Served::demo(), static function (Screen $screen): void {
        $screen->open('/bench?recipe=neem-leaf-quart&sprayer=3')->see('Start mixing')->press('Start mixing')->see('spoonfuls are in')->press('Something went wrong')->tick('I used the wrong spoon')->choose('Used instead', 'Tin cup')->see('What to do');
        expect($screen->script('return document.documentElement.scrollWidth - document.documentElement.clientWidth'))->toBe(0);
        $screen->named('[data-remedy="discard"] button', 'I did this: write it down')->click();
        $screen->see('Poured away');
        expect($screen->complaints())->toBe([]);
    }, 390, 844);
});
