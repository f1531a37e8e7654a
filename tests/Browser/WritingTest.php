<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Screen;
use Tests\Browser\Served;

function typedText(Screen $screen): string
{
    return (string) $screen->all('textarea')[0]->getAttribute('value');
}

it('writes a recipe from what is typed, asks what is unclear, and loses nothing on a failed save', function (): void {
    Screen::with(Served::shed(), static function (Screen $screen): void {
        $screen->open('/recipes/write')->see('Write a line and it is said back here')->choose('Spoons, cups', 'US');
        $screen->type('Name', 'Balcony neem')->type('What goes in', "1 gallon of water\n2 to 4 tbsp neem\n1 oz castile\n2 tbsp tobacco");
        $screen->see('Taken: 2 to 4 US tablespoons (29.6 to 59.1 mL) of neem oil')->see('“oz” means several things')->see('“tobacco” is refused: nicotine');
        expect($screen->all('button.btn-lg')[0]->isEnabled())->toBeFalse();

        $screen->press('US fl oz');
        $screen->until(static fn(): bool => str_contains(typedText($screen), '1 us fl oz'), 'The answer is not put into the line.');
        // What is being written survives the page.
        $screen->driver->navigate()->refresh();
        $screen->see('of neem oil');
        expect(typedText($screen))->toContain('2 to 4 tbsp neem')->and(typedText($screen))->toContain('2 tbsp tobacco');
        $screen->all('textarea')[0]->sendKeys(str_repeat(WebDriverKeys::BACKSPACE, strlen("\n2 tbsp tobacco")));
        // 29.57 mL in 3785 + 29.57 + 29.57 mL; at the high end 59.15 mL: worked out by hand.
        $screen->see('0.77 to 1.5 % oil');

        $screen->cutLine();
        $screen->press('Keep this recipe')->see('does not answer. What you entered is still here');
        expect(typedText($screen))->toContain('2 to 4 tbsp neem')->and($screen->all('input[maxlength="200"]')[0]->getAttribute('value'))->toBe('Balcony neem');
        $screen->mendLine();
        $screen->press('Keep this recipe')->see('What was checked');
        expect($screen->path())->toBe('/bench');
        $screen->see('Balcony neem');

        // Changed, it is kept as another version of itself.
        $screen->all('[data-drawer="spray"] summary')[0]->click();
        $screen->press('Change')->see('of neem oil')->type('What goes in', "1 gallon of water\n1 tbsp neem\n1 tbsp castile")->see('0.39 % oil')->press('Keep this recipe')->see('What was checked');
        $versions = $screen->later("fetch('/api/recipes/balcony-neem/versions').then((r) => r.json()).then((j) => arguments[0](j.versions.length))");
        expect($versions)->toBe(2)->and($screen->complaints())->toBe([]);
    });
});

it('shows two look-alike recipes side by side, and how far they are apart', function (): void {
    Screen::with(Served::demo(), static function (Screen $screen): void {
        $screen->open('/recipes/compare?left=kitchen-oil-by-the-quart&right=kitchen-oil-by-the-quart')->see('Both hold the same oil');
        // Common practice, no source: the same two teaspoons of stock, once to the quart and once to the cup, 0.97 and 3.5 % oil.
        $screen->choose('Second', 'Mint kitchen oil, by the cup')->see('holds 3.65 times as much oil')->see('Never mix one by the other’s spoons');
        $bars = $screen->all('[data-compared] [data-percent]');
        $width = static fn(int $i): int => $bars[$i]->getSize()->getWidth();
        expect(count($bars))->toBeGreaterThanOrEqual(4)->and($width(1) / $width(0))->toEqualWithDelta(3.65, 0.1);
        $screen->choose('Unit', 'L')->see('What goes into 1 L');
        expect($screen->all('[data-level="stop"]'))->not->toBeEmpty()->and($screen->complaints())->toBe([]);
    });
});

it('says one line in every other way, and what the bottle has to do with it', function (): void {
    Screen::with(Served::demo(), static function (Screen $screen): void {
        $screen->open('/sums')->see('by volume');
        // 25 % from a bottle of 70 % is 25/70 of the litre, 357 mL; on top of a litre of water it is 25/45 of it, 556 mL.
        $screen->press('25 % alcohol from 70 %')->see('556 mL')->choose('of', 'finished')->see('357 mL');
        $screen->type('Say it any way', '1 oz neem')->see('means several things')->press('US fl oz')->see('29.6 mL');
        $screen->type('Say it any way', '2 tbsp bleach')->see('refused');
        expect($screen->complaints())->toBe([]);
    });
});
