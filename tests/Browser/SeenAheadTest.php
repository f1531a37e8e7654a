<?php

declare(strict_types=1);

use Tests\Browser\Screen;
use Tests\Browser\Served;

it('shows how a case is expected to go on, drawn, in words and in figures, at both widths and for a reader', function (int $width, int $height): void {
    Screen::with(Served::demo(), static function (Screen $screen): void {
        $screen->open('/cases/6')->see('Seen ahead');
        $screen->script('document.querySelector("[data-seen-ahead] summary").click()');
        $screen->see('Left alone:')->see('As planned:')->see('At best, with');
        // One line for each way to go on, and one band.
        expect($screen->all('[data-ahead-drawing] [data-way]'))->toHaveCount(3)->and($screen->all('[data-ahead-drawing] [data-band]'))->toHaveCount(1);
        expect($screen->script('return JSON.stringify([...document.querySelectorAll("[data-way]")].map((way) => (way.getAttribute("d").match(/[ML]/g) ?? []).length))'))->toBe('[43,43,43]')
            ->and($screen->script('return document.querySelector("[data-ahead-drawing] svg").getAttribute("aria-label")'))->toContain('Left alone: ')->toContain('As planned: ');
        $screen->script('document.querySelector("[data-seen-ahead] details summary").click()');
        $screen->see('(');
        expect($screen->all('[data-seen-ahead] tbody tr'))->toHaveCount(7);
        // On paper stand the drawing and the days, and no buttons.
        $shown = static fn(string $css): mixed => $screen->script("return [...document.querySelectorAll('{$css}')].some((one) => one.checkVisibility() && one.getBoundingClientRect().height > 0)");
        expect($shown('[data-seen-ahead] button'))->toBeTrue();
        $screen->onPaper();
        expect($shown('[data-ahead-drawing] [data-band]'))->toBeTrue()->and($shown('[data-outlook=fewest] .numeral'))->toBeTrue()->and($shown('[data-seen-ahead] button'))->toBeFalse();
        $screen->offPaper();
        // Nothing runs out of the screen.
        expect($screen->script('return document.documentElement.scrollWidth - document.documentElement.clientWidth'))->toBe(0);
        expect($screen->axe())->toBe('');
    }, $width, $height);
})->with([[1280, 800], [390, 844]]);

it('takes what would end it with one press, and gives it back', function (int $width, int $height): void {
    Screen::with(Served::ahead(), static function (Screen $screen) use ($width, $height): void {
        $screen->resize($width, $height);
        $screen->open('/');
        $made = $screen->later(<<<'JS'
            const [done] = [arguments[arguments.length - 1]];
            const send = (path, body) => fetch(path, { method: 'POST', headers: { 'Content-Type': 'application/json' }, body: JSON.stringify({ submission: crypto.randomUUID(), ...body }) }).then((answer) => answer.json());
            const ago = (days) => new Date(Date.now() - 86_400_000 * days).toISOString().slice(0, 19) + 'Z';
            (async () => {
                const plant = await send('/api/plants', { name: 'Broad bean', tolerance: 'ordinary-leaf' });
                const one = await send('/api/cases', { plantId: plant.id, pest: 'scale' });
                for (const [days, value] of [[21, 5], [14, 16], [7, 25], [0, 50]]) {
                    await send(`/api/cases/${one.key}/counts`, { value, countedAt: ago(days) });
                }
                done(one.id);
            })();
            JS);
        assert(is_int($made));
        $screen->open("/cases/{$made}")->see('Seen ahead');
        $open = 'document.querySelector("[data-seen-ahead]").open || document.querySelector("[data-seen-ahead] summary").click()';
        $screen->script($open);
        $screen->see('At best, with');
        $take = 'return [...document.querySelectorAll("[data-seen-ahead] button")].map((one) => one.textContent.trim()).find((one) => one.endsWith(" in turn") || one.startsWith("Go on with ")) ?? ""';
        $name = $screen->script($take);
        assert(is_string($name) && $name !== '');
        expect($screen->axe())->toBe('');
        $screen->press($name);
        $screen->see('As it was begun');
        expect($screen->script($take))->toBe('')->and($screen->complaints())->toBe([]);
        $screen->press('As it was begun');
        $screen->see($name);
    });
})->with([[1280, 800], [390, 844]]);
