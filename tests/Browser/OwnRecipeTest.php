<?php

declare(strict_types=1);

use Tests\Browser\Screen;
use Tests\Browser\Served;
use Tests\Browser\Walk;

/*
 * A recipe of one's own from writing it to its rounds, on a phone: soap, alcohol and rosemary for beans (cucumbers have hairs, which alcohol wilts), as one gardener uses it, soaked,
 * brushed, soaked once more and rinsed, every four days when it is bad, then every seven, then every fourteen. Invented; the order of the work
 * is common practice, no source.
 */
it('writes a recipe, says how it is used, is offered it like any other, walks with it and comes back in time', function (): void {
    Screen::with(Served::shed(), static function (Screen $screen): void {
        $screen->open('/recipes/write')->see('Write a line and it is said back here')
            ->type('Name', 'Bean wash')->type('What goes in', "1 litre of water\n100 ml rubbing alcohol 70 %\n5 ml castile soap\n1 ml rosemary oil");
        // Three things are asked: against what, how, how often.
        $screen->see('What is in it is mostly used so: Let it soak 10 minutes, brush every leaf on both sides, and rinse. Every 7 days.')
            ->tick('Spider mites')->press('I use it otherwise')->type('When light', '14')->type('When moderate', '7')->type('When bad', '4');
        expect($screen->axe())->toBe('');
        $screen->press('Keep this recipe')->see('Start mixing');
        $plant = $screen->made('/api/plants', '{"name": "Bean", "kind": "Bean", "tolerance": "ordinary-leaf"}');
        $case = $screen->made('/api/cases', "{\"plantId\": {$plant}, \"pest\": \"spider-mites\"}");
        // What is written names the case by its identity.
        $post = static fn(string $what, string $body): mixed => $screen->later("const [what, body] = arguments; fetch('/api/cases/{$case}').then((r) => r.json()).then((one) => fetch('/api/cases/' + one.key + '/' + what, { method: 'POST', headers: { 'Content-Type': 'application/json' }, body: JSON.stringify({ submission: crypto.randomUUID(), ...JSON.parse(body) }) })).then((r) => arguments[2](r.status))", [$what, $body]);
        expect($post('counts', '{"value": 120}'))->toBe(201);

        // Offered like any other, and taken from there.
        $screen->open("/cases/{$case}/choose")->see('best first');
        $screen->until(static fn(): bool => $screen->all('[data-option="bean-wash"]') !== [], static fn(): string => 'It is not offered: ' . $screen->text());
        $screen->open("/bench?recipe=bean-wash&case={$case}&make=1&unit=L")->see('Start mixing')->press('Start mixing')->see('spoonful');
        Walk::through($screen);
        $batch = preg_replace('/\D/', '', $screen->path());
        $screen->open("/bed?batch={$batch}&case={$case}")->see('in which order')->type('Why all the same?', 'Tested by eye.')->press('Begin')->see('Gloves and glasses on.');
        $steps = $screen->later("fetch('/api' + location.pathname.replace('/bed/', '/runs/')).then((r) => r.json()).then((run) => arguments[0](run.steps.map((step) => step.key).join(' ')))");
        expect($steps)->toBe('protect knock-back check shake-1 plant-1 soak brush second-soak rinse aftercare wash rest');

        // How bad it is sets the days to the next round.
        $on = static fn(): mixed => $screen->script('return document.querySelector("[data-step]")?.dataset.step ?? ""');
        for ($step = $on(); $step !== 'soak'; $step = $on()) {
            $screen->script('document.querySelector("[data-part=done]").click()');
            $screen->until(static fn(): bool => $on() !== $step, 'The walk does not go on.');
        }
        $screen->nothingWaits();
        $days = static function (int $counted) use ($screen, $case, $post): mixed {
            expect($post('counts', "{\"value\": {$counted}}"))->toBe(201);

            return $screen->later("fetch('/api/cases/{$case}').then((r) => r.json()).then((one) => { const round = one.next.find((task) => task.kind === 'next-round'); arguments[0](Math.round((new Date(round.plannedAt) - new Date(one.rounds.at(-1).sprayedAt)) / 86400000)); })");
        };
        expect([$days(90), $days(20), $days(4)])->toBe([4, 7, 14])->and($screen->complaints())->toBe([]);
    }, 390, 844);
});
