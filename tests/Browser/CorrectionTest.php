<?php

declare(strict_types=1);

use Tests\Browser\Screen;
use Tests\Browser\Served;
use Tests\Browser\Walk;

/** A batch of the mild wash, mixed in full. */
function soapMixed(Screen $screen, int $case): int
{
    $batch = $screen->made('/api/batches', '{"bench": {"request": {"recipe": "mild-soap", "make": {"amount": 1, "unit": "L"}}}, "caseId": ' . $case . '}');
    $screen->open("/batches/{$batch}");
    Walk::through($screen);

    return $batch;
}

it('corrects a wrong count and takes a second “sprayed” back, and what worked follows', function (): void {
    $served = Served::corrections();
    Screen::with($served, static function (Screen $screen) use ($served): void {
        $screen->open('/plants')->see('Add a plant');
        $plant = $screen->made('/api/plants', '{"name": "Lantana", "tolerance": "ordinary-leaf"}');
        $case = $screen->made('/api/cases', '{"plantId": ' . $plant . ', "pest": "whitefly"}');
        soapMixed($screen, $case);

        // 40 were counted, 400 typed; sprayed once, and tapped twice in one go: one round.
        $screen->open("/cases/{$case}")->see('stands ready');
        $screen->named('main summary', 'Count')->click();
        $screen->tick('Only a total')->type('How many', '400')->press('Save the count')->see('The count of 400');
        // Nobody tested it: a reason stays in the record.
        $screen->named('[data-gate] summary', 'It was sprayed all the same')->click();
        $screen->type('Why all the same?', 'They were all over it');
        $screen->script("const b = [...document.querySelectorAll('[data-part=act] button')].find((b) => /Sprayed/.test(b.textContent)); b.click(); b.click();");
        $screen->see('The round is saved.')->see('Is any of it left?');
        $screen->until(static fn(): bool => count($screen->all('[data-round]')) === 1, 'The round is not there.');
        usleep(300_000);
        expect($screen->all('[data-round]'))->toHaveCount(1)->and(str_contains($screen->text(), 'stands ready'))->toBeFalse();
        $screen->press('Undo')->see('The round is taken back.');
        $screen->until(static fn(): bool => $screen->all('[data-round]') === [], 'The round is still there.');
        $screen->press('Undo')->see('The round is put back.')->press('All used up')->see('is used up.');

        $served->passHours(100);
        $screen->open("/cases/{$case}")->see('Counts')->type('How many', '20')->press('Save the count')->see('It worked: 95 % fewer, from 400 to 20');
        $screen->open('/worked')->see('1 of 1');

        $screen->open("/cases/{$case}")->press('The figures: correct or take back');
        $screen->named('[data-count] button', 'Correct: The count of 400 nymphs under ten leaves (flies are only a hint)')->click();
        $field = $screen->all('[data-count] input[name="value"]')[0];
        $field->clear();
        $field->sendKeys('40');
        $screen->press('Correct the count')->see('is corrected.')->see('50 % fewer, from 40 to 20');
        // What it was before stays to be read.
        $screen->press('Changed once: what it was before')->see('before that: Count 400');

        $screen->open('/worked')->see('0 of 1');

        // And the correction itself can be undone.
        $screen->open("/cases/{$case}")->press('The figures: correct or take back');
        $screen->named('[data-count] button', 'Take back: The count of 40 nymphs under ten leaves (flies are only a hint)')->click();
        $screen->see('Not judged')->press('Undo')->see('50 % fewer, from 40 to 20');
        expect($screen->complaints())->toBe([]);
    });
});

it('opens a saved batch again, and takes back one that was never mixed', function (): void {
    Screen::with(Served::corrections(), static function (Screen $screen): void {
        $screen->open('/plants')->see('Add a plant');
        $plant = $screen->made('/api/plants', '{"name": "Begonia", "tolerance": "ordinary-leaf"}');
        $case = $screen->made('/api/cases', '{"plantId": ' . $plant . ', "pest": "aphids"}');
        $batch = soapMixed($screen, $case);
        $screen->see('The batch is saved as it is ticked.')->press('Undo')->see('It is mixed: save it')->press('Save the batch')->see('What is in the bottle');

        // As a file, and read again: it is here already.
        $document = $screen->later('const done = arguments[0]; fetch(document.querySelector("a[download]").href).then((answer) => answer.text()).then(done)');
        expect($document)->toBeString()->toContain('"format":"idle-mixer/batch"');
        $file = (string) tempnam(sys_get_temp_dir(), 'batch') . '.json';
        file_put_contents($file, is_string($document) ? $document : '');
        $screen->open('/batches')->see('Read batch documents');
        $screen->all('input[type="file"]')[0]->sendKeys($file);
        $screen->see('the batch of Mild dish or hand wash was here already');
        unlink($file);

        $screen->open("/bench?case={$case}&recipe=mild-soap")->see('Start mixing')->press('Start mixing')->see('spoonfuls are in');
        $mixing = $screen->path();
        expect($mixing)->not->toBe("/batches/{$batch}");
        $screen->press('Undo')->see('Start mixing');
        expect($screen->path())->toBe('/bench');
        $screen->open($mixing)->see('batch');
        expect($screen->text())->not->toContain('spoonfuls are in');
    });
});
