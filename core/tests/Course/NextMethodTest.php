<?php

declare(strict_types=1);

use IdleMixer\Core\Choice\Choice;
use IdleMixer\Core\Choice\Chooser;
use IdleMixer\Core\Choice\Severity;
use IdleMixer\Core\Choice\Situation;
use IdleMixer\Core\Course\ChosenTurns;
use IdleMixer\Core\Course\HadMethod;
use IdleMixer\Core\Course\NextMethod;
use IdleMixer\Core\Course\WhyNext;
use IdleMixer\Core\Tests\Support\Stands;
use IdleMixer\Core\Trouble\TroubleCatalogue;

function choiceAgainst(string $trouble): Choice
{
    return Chooser::shipped()->choose(new Situation(TroubleCatalogue::shipped()->trouble($trouble), 'any', Severity::Moderate, 'Zinnia', Stands::as('ordinary-leaf')));
}

/**
 * @param list<array{string, float|null}> $had slug, and percent that it took; null where it is not judged
 *
 * @return array{string, WhyNext}
 */
function nextAfter(string $trouble, array $had): array
{
    $next = NextMethod::of(choiceAgainst($trouble), array_map(static fn(array $one): HadMethod => new HadMethod($one[0], $one[1]), $had));

    return [$next->slug ?? '', $next->why];
}

/*
 * What is sprayed next, written down before the rule that gives it. Common practice, no source: a course goes on with what it was begun
 * with, in its turns; two judged rounds that took less than half change tack.
 */
it('goes on as it was begun, and changes tack where that does not help', function (array $had, string $slug, WhyNext $why): void {
    /** @var list<array{string, float|null}> $had */
    expect(nextAfter('aphids', $had))->toBe([$slug, $why]);
})->with([
    'one round, not judged yet' => [[['neem-leaf-quart', null]], 'neem-leaf-quart', WhyNext::GoesOn],
    'it took most of them' => [[['neem-leaf-quart', null], ['neem-leaf-quart', 85.0]], 'neem-leaf-quart', WhyNext::GoesOn],
    'one that took little is one' => [[['neem-leaf-quart', 20.0]], 'neem-leaf-quart', WhyNext::GoesOn],
    'little, and then most' => [[['neem-leaf-quart', 20.0], ['neem-leaf-quart', 80.0]], 'neem-leaf-quart', WhyNext::GoesOn],
    'little twice, and then most' => [[['neem-leaf-quart', 20.0], ['neem-leaf-quart', 30.0], ['neem-leaf-quart', 80.0]], 'neem-leaf-quart', WhyNext::GoesOn],
    'two in turn: the other one' => [[['plain-soap', null], ['neem-leaf-quart', null]], 'plain-soap', WhyNext::InTurn],
    'two in turn, once more' => [[['plain-soap', null], ['neem-leaf-quart', null], ['plain-soap', null]], 'neem-leaf-quart', WhyNext::InTurn],
    'three in turn: the first again' => [[['plain-soap', null], ['neem-leaf-quart', null], ['castile-and-kitchen-oil', null]], 'plain-soap', WhyNext::InTurn],
    'one twice in vain, then another: that is no turn' => [[['plain-soap', 20.0], ['plain-soap', 10.0], ['neem-leaf-quart', 80.0]], 'neem-leaf-quart', WhyNext::GoesOn],
    'one twice in vain, then another that is not judged yet: it was changed already' => [[['plain-soap', 20.0], ['plain-soap', 10.0], ['neem-leaf-quart', null]], 'neem-leaf-quart', WhyNext::GoesOn],
    'begun with one, and on with another: that was changed, and is no turn' => [[['plain-soap', null], ['plain-soap', null], ['neem-leaf-quart', null], ['neem-leaf-quart', null]], 'neem-leaf-quart', WhyNext::GoesOn],
    'a recipe of one\'s own, that the choice does not know' => [[['from-the-neighbour', null]], 'from-the-neighbour', WhyNext::GoesOn],
]);

/*
 * What the gardener chose to take from here on, as what is seen ahead names it: it holds as long as nothing else was sprayed since, and until two
 * judged rounds of it took less than half. Written down before the rule; common practice, no source.
 */
it('goes by what the gardener chose, in its turns', function (array $chosen, array $since, array $turns): void {
    /**
     * @var non-empty-list<string> $chosen
     * @var list<string>           $since  slugs of what was sprayed since, earliest first
     * @var list<string>           $turns  the next first; none where it does not hold any more
     */
    expect(ChosenTurns::after($chosen, $since))->toBe($turns);
})->with([
    'nothing since' => [['neem-leaf-quart', 'plain-soap'], [], ['neem-leaf-quart', 'plain-soap']],
    'the first of them' => [['neem-leaf-quart', 'plain-soap'], ['neem-leaf-quart'], ['plain-soap', 'neem-leaf-quart']],
    'both of them' => [['neem-leaf-quart', 'plain-soap'], ['neem-leaf-quart', 'plain-soap'], ['neem-leaf-quart', 'plain-soap']],
    'the other one first' => [['neem-leaf-quart', 'plain-soap'], ['plain-soap'], ['neem-leaf-quart', 'plain-soap']],
    'something else' => [['neem-leaf-quart', 'plain-soap'], ['neem-leaf-quart', 'castile-and-kitchen-oil'], []],
    'one by itself' => [['neem-leaf-quart'], [], ['neem-leaf-quart']],
    'one by itself, sprayed' => [['neem-leaf-quart'], ['neem-leaf-quart'], ['neem-leaf-quart']],
]);

it('begins with what was chosen, whatever was had before, and gives it up as anything else', function (array $had, array $chosen, int $since, string $slug, WhyNext $why): void {
    /**
     * @var list<array{string, float|null}> $had
     * @var non-empty-list<string>          $chosen
     */
    $next = NextMethod::of(choiceAgainst('aphids'), array_map(static fn(array $one): HadMethod => new HadMethod($one[0], $one[1]), $had), chosen: new ChosenTurns($chosen, $since));
    expect([$next->slug, $next->why])->toBe([$slug, $why]);
})->with([
    'after soap twice in vain: what was chosen instead' => [[['plain-soap', 20.0], ['plain-soap', 10.0]], ['neem-leaf-quart', 'plain-soap'], 2, 'neem-leaf-quart', WhyNext::InTurn],
    'then the soap again, in its turn' => [[['plain-soap', 20.0], ['plain-soap', 10.0], ['neem-leaf-quart', null]], ['neem-leaf-quart', 'plain-soap'], 2, 'plain-soap', WhyNext::InTurn],
    'another by itself' => [[['plain-soap', 60.0]], ['neem-leaf-quart'], 1, 'neem-leaf-quart', WhyNext::GoesOn],
    'something else was sprayed since: it goes on with that' => [[['plain-soap', 60.0], ['castile-and-kitchen-oil', null], ['castile-and-kitchen-oil', null]], ['neem-leaf-quart', 'plain-soap'], 1, 'castile-and-kitchen-oil', WhyNext::GoesOn],
]);

it('changes tack from what was chosen, too, once two of its rounds took little', function (): void {
    $had = array_map(static fn(array $one): HadMethod => new HadMethod($one[0], $one[1]), [['plain-soap', 60.0], ['neem-leaf-quart', 10.0], ['plain-soap', 20.0]]);
    expect(NextMethod::of(choiceAgainst('aphids'), $had, chosen: new ChosenTurns(['neem-leaf-quart', 'plain-soap'], 1))->why)->toBe(WhyNext::ChangesTack);
});

it('takes the best where nothing was sprayed', function (): void {
    expect(nextAfter('aphids', []))->toBe([choiceAgainst('aphids')->proposed[0]->recipe->slug, WhyNext::First]);
});

it('takes something that works in another way after two rounds that took less than half', function (array $had): void {
    /** @var list<array{string, float|null}> $had */
    [$slug, $why] = nextAfter('aphids', $had);
    $choice = choiceAgainst('aphids');
    $families = [];
    foreach ([...$choice->proposed, ...$choice->excluded] as $option) {
        $families[$option->recipe->slug] = $option->family();
    }
    $poor = array_slice(array_values(array_filter($had, static fn(array $one): bool => $one[1] !== null)), -2);
    expect($why)->toBe(WhyNext::ChangesTack);
    foreach ($poor as [$was]) {
        expect($families[$slug])->not->toBe($families[$was]);
    }
})->with([
    'neem twice' => [[['neem-leaf-quart', 20.0], ['neem-leaf-quart', 49.0]]],
    'soap twice' => [[['plain-soap', 0.0], ['plain-soap', -10.0]]],
    'what was not judged between them says nothing' => [[['neem-leaf-quart', 20.0], ['neem-leaf-quart', null], ['neem-leaf-quart', 30.0], ['neem-leaf-quart', null]]],
    'two in turn, and neither helps' => [[['plain-soap', 10.0], ['neem-leaf-quart', 10.0]]],
]);

it('takes another where what was sprayed does nothing against it', function (): void {
    expect(nextAfter('black-spot', [['gentle-neem', null]]))->toBe([choiceAgainst('black-spot')->proposed[0]->recipe->slug, WhyNext::Barred]);
});

// Fuchsia minds soap; what was begun on it and bore goes on with care: common practice, no source.
it('takes no turn with what does nothing any more', function (): void {
    expect(nextAfter('black-spot', [['gentle-neem', null], ['soda-leaf-spray', null]]))->toBe(['soda-leaf-spray', WhyNext::GoesOn]);
});

it('goes on with what wants care, and with what only has to wait', function (array $said): void {
    /** @var array<string, bool> $said */
    $choice = Chooser::shipped()->choose(new Situation(TroubleCatalogue::shipped()->trouble('aphids'), 'any', Severity::Moderate, 'Fuchsia', Stands::as('ordinary-leaf', $said)));
    expect(array_filter($choice->proposed, static fn($one): bool => $one->recipe->slug === 'plain-soap'))->toBe([]);
    $next = NextMethod::of($choice, [new HadMethod('plain-soap', null)]);
    expect([$next->slug, $next->why])->toBe(['plain-soap', WhyNext::GoesOn]);
})->with(['it minds soap' => [['soapSensitive' => true]], 'in open bloom' => [['inBloom' => true]]]);

it('takes another where the gate stops it as it was mixed', function (): void {
    $next = NextMethod::of(choiceAgainst('aphids'), [new HadMethod('plain-soap', null)], ['plain-soap']);
    expect($next->why)->toBe(WhyNext::Barred)->and($next->slug)->toBe(choiceAgainst('aphids')->proposed[0]->recipe->slug);
});

it('goes on where nothing else fits either', function (): void {
    $next = NextMethod::of(new Choice([], []), [new HadMethod('plain-soap', 10.0), new HadMethod('plain-soap', 10.0)]);
    expect([$next->slug, $next->why])->toBe(['plain-soap', WhyNext::GoesOn]);
});

it('names nothing where nothing fits', function (): void {
    expect(NextMethod::of(new Choice([], []), [])->slug)->toBeNull()->and(NextMethod::of(new Choice([], []), [])->why)->toBe(WhyNext::Nothing);
});
