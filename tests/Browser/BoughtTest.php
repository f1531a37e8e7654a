<?php

declare(strict_types=1);

use Tests\Browser\Screen;
use Tests\Browser\Served;

/** Opens the form of a round on a case of the demo, for something that was bought. */
function boughtForm(Screen $screen): void
{
    $screen->open('/cases/6')->see('Rounds');
    $screen->script('[...document.querySelectorAll("summary")].find((one) => one.textContent.trim() === "It was sprayed").click()');
    $screen->see('Mixed here')->tick('Bought, dusted or set out')->see('Go by its label');
}

it('keeps what was bought as a round, shows it by its name, and corrects it', function (int $width, int $height): void {
    Screen::with(Served::season(), static function (Screen $screen) use ($width, $height): void {
        $last = 'return [...document.querySelectorAll("[data-round]")].at(-1)';
        $screen->resize($width, $height);
        boughtForm($screen);
        expect($screen->text())->not->toContain('It was sprayed all the same');
        $screen->type('Its name, as you call it', "Barn dust <b>{$width}</b>")->choose('What was it?', 'A dust')->choose('Does it hold one of these?', 'Sulfur');
        expect($screen->axe())->toBe('');
        $screen->press('It is done')->see("Barn dust <b>{$width}</b>");
        expect($screen->script("{$last}.querySelector('[data-bought]').dataset.bought"))->toBe('dust')
            ->and($screen->script("{$last}.textContent.includes('Dust')"))->toBeTrue()
            ->and($screen->complaints())->toBe([]);
        // The row names it, too.
        $screen->until(static fn(): bool => $screen->script('return [...document.querySelectorAll("[data-row], [data-row] ~ *")].some((one) => one.innerHTML.includes("Barn dust"))') === true, 'The row does not know it.');
        // A reload finds it as it was kept, and it is corrected where it stands.
        $screen->open('/cases/6')->see("Barn dust <b>{$width}</b>");
        $screen->script("[...[...document.querySelectorAll('[data-round]')].at(-1).querySelectorAll('summary, button')].find((one) => one.textContent.includes('Correct')).click()");
        $screen->choose('What was it?', 'Insects or mites set out')->see('Leave these leaves alone');
        $screen->press('Correct the round');
        $screen->until(static fn(): bool => $screen->script("{$last}.querySelector('[data-bought]')?.dataset.bought") === 'insects', 'It is not corrected.');
    });
})->with([[1280, 800], [390, 844]]);

it('asks for a name, and loses nothing of what was typed', function (): void {
    Screen::with(Served::season(), static function (Screen $screen): void {
        boughtForm($screen);
        $screen->press('It is done');
        expect($screen->script('return document.activeElement.name'))->toBe('boughtName');
        $screen->type('Its name, as you call it', 'Green mist');
        // Kept on the device while it is being typed.
        $screen->open('/cases/6');
        $screen->see('Its name, as you call it');
        expect($screen->script('return document.querySelector("[name=boughtName]").value'))->toBe('Green mist');
    });
});

it('stands where one sees what worked, beside others that were bought', function (): void {
    Screen::with(Served::season(), static function (Screen $screen): void {
        foreach (['Shed powder', 'Loft powder'] as $name) {
            boughtForm($screen);
            $screen->type('Its name, as you call it', $name)->press('It is done')->see($name);
        }
        $screen->open('/worked')->see('Spider mites');
        $screen->until(static fn(): bool => $screen->script('return document.body.textContent.includes("Shed powder") && document.body.textContent.includes("Loft powder")') === true, 'They are not told.');
        expect($screen->complaints())->toBe([]);
    });
});
