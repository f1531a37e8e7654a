<?php

declare(strict_types=1);

use IdleMixer\Core\Choice\Choice;
use IdleMixer\Core\Choice\Chooser;
use IdleMixer\Core\Choice\NextSpray;
use IdleMixer\Core\Choice\Severity;
use IdleMixer\Core\Choice\Situation;
use IdleMixer\Core\Tests\Support\Stands;
use IdleMixer\Core\Trouble\TroubleCatalogue;

function aphidsOnZinnia(): Choice
{
    return Chooser::shipped()->choose(new Situation(TroubleCatalogue::shipped()->trouble('aphids'), 'any', Severity::Moderate, 'Zinnia', Stands::as('ordinary-leaf')));
}

// Two sprays of different families in turn, so that no pest grows used to one (common practice, no source).
it('takes the partner in turn of what was sprayed last, and the best where that was none of the two', function (): void {
    $choice = aphidsOnZinnia();
    [$first, $second] = $choice->rotation();

    expect(NextSpray::of($choice, null)?->recipe->slug)->toBe($choice->proposed[0]->recipe->slug)
        ->and(NextSpray::of($choice, $first)?->recipe->slug)->toBe($second)
        ->and(NextSpray::of($choice, $second)?->recipe->slug)->toBe($first)
        ->and(NextSpray::of($choice, 'winter-wood-oil')?->recipe->slug)->toBe($choice->proposed[0]->recipe->slug);
});

it('proposes nothing where nothing fits', function (): void {
    expect(NextSpray::of(new Choice([], []), null))->toBeNull();
});

// Common practice, no source: a few are wiped or washed off.
it('sprays only what is more than a few', function (): void {
    expect([Severity::Light->isWorthASpray(), Severity::Moderate->isWorthASpray(), Severity::Heavy->isWorthASpray()])->toBe([false, true, true]);
});
