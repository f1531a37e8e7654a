<?php

declare(strict_types=1);

use IdleMixer\Core\Phrase\PhraseReader;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Quantity\Volume;

/*
 * Water that fills what is left of a bottle. What a bottle is said to hold it holds up to its neck; how far “two inches left” is hangs on its
 * shape, and is asked (common practice, no source).
 */

/** @return array{string, float|null, int} what became of the last line, mL that it is filled to, and how many answers are offered */
function filledUp(string $text, ?float $bottle): array
{
    $heard = PhraseReader::shipped()->into($bottle === null ? null : Volume::of($bottle, Unit::Millilitre))->all(explode("\n", $text));
    $last = $heard[count($heard) - 1];

    return [match (true) {
        $last->question !== null => 'asked',
        $last->basis !== null => 'filled',
        $last->leftOut !== null => 'left out',
        $last->refusal !== null => 'refused',
        default => 'else',
    }, $last->basis?->millilitres(), count($last->question->answers ?? [])];
}

it('fills the bottle that is named, and asks where none is', function (string $line): void {
    expect(filledUp("10 ml neem oil\n{$line}", 750.0))->toBe(['filled', 750.0, 0], $line)
        ->and(filledUp("10 ml neem oil\n{$line}", null)[0])->toBe('asked', $line);
})->with([
    ['fill the rest with water'], ['Fill up with water'], ['fill the bottle with water'], ['Fill it up with warm water.'], ['top up with water'], ['Top off with lukewarm water'],
    ['fill to the neck with water'], ['fill to the neck'], ['top it up to the top with water'], ['water to the neck'], ['the rest water'], ['rest of it water'], ['then fill the rest with water'],
    ['top up to the brim'], ['fill the sprayer with water'],
]);

it('asks how far a bottle is filled that is not quite full, and offers what may be meant', function (string $line): void {
    expect(filledUp("10 ml neem oil\n{$line}", 1000.0))->toBe(['asked', null, 3], $line)
        ->and(filledUp("10 ml neem oil\n{$line}", null))->toBe(['asked', null, 0], $line);
})->with([['leave two inches at the top'], ['fill with water, two inches left'], ['leave some room for shaking'], ['fill to the shoulder']]);

// Where the water is said elsewhere, the line tells how it is done.
it('leaves it be where the water is said', function (string $text): void {
    expect(filledUp($text, 750.0)[0])->toBe('left out', $text)->and(filledUp($text, null)[0])->toBe('left out', $text);
})->with([["1 litre water\n10 ml neem oil\nfill up with water"], ["2 metric tbsp neem oil per litre\nfill the rest with water"], ["made up to 1 litre\n10 ml neem\ntop up with water"]]);

it('takes nothing else for it', function (string $line): void {
    expect(filledUp("10 ml neem oil\n{$line}", 750.0)[0])->not->toBe('filled', $line);
})->with([['10 ml castile soap'], ['shake before you spray'], ['spray the rest on the roses'], ['fill the kettle'], ['water the plant first'], ['rinse the bottle']]);
