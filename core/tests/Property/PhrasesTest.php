<?php

declare(strict_types=1);

use Eris\Generators;
use IdleMixer\Core\Phrase\Kitchen;
use IdleMixer\Core\Phrase\PhraseReader;
use IdleMixer\Core\Phrase\SpokenLine;
use IdleMixer\Core\Tests\Support\Property;

/*
 * What is said, and what it comes to, put side by side by hand: numbers as people write them, US kitchen measures by definition
 * (NIST Handbook 44, Appendix C), names of things.
 */
const NUMBERS = ['1' => 1.0, '2' => 2.0, '1.5' => 1.5, '0.25' => 0.25, '½' => 0.5, '1½' => 1.5, '1 1/2' => 1.5, '2/3' => 2 / 3, 'two' => 2.0, 'one and a half' => 1.5, 'half a' => 0.5, 'a' => 1.0, '2-3' => 2.0, '2 to 4' => 2.0];
const KITCHEN = ['tbsp' => 14.78676478125, 'tablespoons' => 14.78676478125, 'tsp' => 4.92892159375, 'teaspoon' => 4.92892159375, 'cups' => 236.5882365, 'fl oz' => 29.5735295625, 'ml' => 1.0, 'mL' => 1.0, 'litre' => 1000.0, 'liters' => 1000.0, 'cc' => 1.0];
const THINGS = ['neem oil' => 'neem-oil', 'neem' => 'neem-oil', 'castile soap' => 'castile-soap', 'vegetable oil' => 'vegetable-oil', 'peppermint oil' => 'peppermint-oil', 'dish soap' => 'dish-detergent', 'rosemary oil' => 'rosemary-oil'];

/** @return list<array{string, float}> slug and mL of each line */
function understood(string $text): array
{
    return array_map(static fn(SpokenLine $line): array => [$line->slug(), $line->low * ($line->unit?->inBase() ?? 0.0)], PhraseReader::shipped(Kitchen::Us)->read($text)->lines);
}

/** What a number, a unit and a thing are called in one line. */
function spoken(string $number, string $unit, string $thing): string
{
    return "{$number} {$unit} " . (in_array($unit, ['ml', 'mL', 'cc'], true) ? '' : 'of ') . $thing;
}

it('hears a number, a measure and a thing for what they are, however they are written', function (): void {
    Property::holds(
        [Generators::elements(array_map(strval(...), array_keys(NUMBERS))), Generators::elements(array_keys(KITCHEN)), Generators::elements(array_keys(THINGS)), Generators::elements(['', ' ', '  ', "\t"]), Generators::elements(['as it is', 'loud'])],
        static function (string $number, string $unit, string $thing, string $space, string $how): void {
            $said = $space . spoken($number, $unit, $thing) . $space;
            // A large T is a tablespoon to some and mL has a large letter of its own: only words are shouted.
            $heard = understood($how === 'loud' ? mb_strtoupper($said) : $said);
            expect($heard)->toHaveCount(1)->and($heard[0][0])->toBe(THINGS[$thing])->and($heard[0][1])->toEqualWithDelta(NUMBERS[$number] * KITCHEN[$unit], 1e-9 * KITCHEN[$unit]);
        },
    );
});

it('hears two things in one line as it hears each of them', function (): void {
    $one = Generators::tuple(Generators::elements(array_map(strval(...), array_keys(NUMBERS))), Generators::elements(array_keys(KITCHEN)), Generators::elements(array_keys(THINGS)));
    Property::holds(
        [$one, $one, Generators::elements([', ', ' and ', "\n", ' + ', '; '])],
        static function (array $first, array $second, string $between): void {
            /** @var array{string, string, string} $first */
            /** @var array{string, string, string} $second */
            [$a, $b] = [spoken(...$first), spoken(...$second)];
            expect(understood("{$a}{$between}{$b}"))->toEqual([...understood($a), ...understood($b)]);
        },
    );
});
