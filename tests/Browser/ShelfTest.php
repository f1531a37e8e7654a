<?php

declare(strict_types=1);

use Tests\Browser\Screen;
use Tests\Browser\Served;

/*
 * What stands in the house, and what can be made of it, on a phone.
 */
it('puts on the shelf what is tapped and what is called by its label, says what that is enough for, and lays the bench with it', function (): void {
    Screen::with(Served::shelf(), static function (Screen $screen): void {
        $screen->open('/shelf')->see('Nothing yet: put a bottle on the shelf.');
        expect($screen->axe())->toBe('');
        $screen->press('dish detergent')->settle();
        $screen->see('Can be made now: 1')->see('Mild dish or hand wash');
        // By its own name, read as what it is.
        $screen->type('Something else', 'extra virgin olive oil')->press('Put it on the shelf')->settle();
        $screen->see('extra virgin olive oil')->see('vegetable oil');
        $made = $screen->all('[data-made="castile-and-kitchen-oil"]');
        expect($made)->toHaveCount(1);
        $screen->until(static fn(): bool => $screen->script('return document.querySelector("[data-made=castile-and-kitchen-oil] [data-instead]")?.textContent ?? ""') !== '', 'Nothing stands in for the soap.');
        expect($screen->script('return document.querySelector("[data-made=castile-and-kitchen-oil] [data-instead]").textContent'))->toContain('dish detergent instead of castile soap');
        // What nobody knows is asked or said, and nothing is put there.
        $screen->type('Something else', 'glitter')->press('Put it on the shelf')->see('glitter');
        expect($screen->all('[data-bottle]'))->toHaveCount(2)->and($screen->axe())->toBe('');

        // So much is left; then what it holds.
        $screen->script('document.querySelector("[data-bottle=vegetable-oil] [role=radio]:nth-child(2)").click()');
        $screen->see('about a third left')->see('Full, it holds');
        $screen->type('Full, it holds', '20')->press('Keep it')->settle();
        $screen->see('6 mL left')->see('The vegetable oil is enough for');
        expect($screen->axe())->toBe('');

        // On to the bench: it takes what stands in.
        $screen->open('/shelf')->see('Can be made now')->settle();
        $link = $screen->script('return document.querySelector("[data-made=castile-and-kitchen-oil] a").getAttribute("href")');
        expect($link)->toContain('shelf=1');
        $screen->open(is_string($link) ? $link : '/')->see('Start mixing')->see('dish detergent');
        expect($screen->complaints())->toBe([]);
        // And loaded anew it still does.
        $screen->driver->navigate()->refresh();
        $screen->see('Start mixing')->see('dish detergent');
    }, 390, 844);
});

it('takes another bottle, or something else, by one tap on the word, and keeps it where a shelf is kept', function (): void {
    Screen::with(Served::shelf(), static function (Screen $screen): void {
        // A shelf is kept, so that what is said of a bottle is kept there.
        $screen->open('/shelf')->see('What can I make?')->press('neem oil')->see('neem oil is saved.')->settle();
        $screen->open('/bench?recipe=half-alcohol-swab')->see('isopropyl alcohol, 70 %')->press('isopropyl alcohol, 70 %')->see('Mine says, in percent');
        expect($screen->axe())->toBe('');
        $screen->type('Mine says, in percent', '0')->press('Take mine')->see('above 0');
        // What is refused is told by the browser, too, once.
        expect($screen->complaints())->toHaveCount(1);
        $screen->type('Mine says, in percent', 'strong')->press('Take mine')->see('as a number, like 91');
        $screen->type('Mine says, in percent', '91')->press('Take mine')->see('isopropyl alcohol, 91 %')->see('35 % pure alcohol, changed here');
        $screen->open('/bench?recipe=gentle-neem')->see('castile soap')->press('castile soap')->see('Take soap bark extract instead')->press('Take soap bark extract instead')->see('changed here');
        expect($screen->text())->toContain('soap bark extract')->and($screen->complaints())->toBe([]);
        $screen->open('/shelf')->see('isopropyl alcohol 91 %')->see('soap bark extract');
    }, 390, 844);
});

it('lists what to take along, for paper and as text', function (): void {
    Screen::with(Served::demo(), static function (Screen $screen): void {
        $screen->open('/shelf')->see('What can I make?')->press('To take along: what the rounds ahead want')->see('for the round of');
        expect(preg_match_all('#/Type\s*/Page\b#', $screen->pdf()))->toBe(1);
        expect($screen->all('[data-to-buy] li'))->not->toBe([])->and($screen->axe())->toBe('')->and($screen->complaints())->toBe([]);
    });
});
