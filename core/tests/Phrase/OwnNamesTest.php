<?php

declare(strict_types=1);

use IdleMixer\Core\Phrase\PhraseReader;

/*
 * What a household calls its own bottles is read in a line like any other word; a name that means something already goes on meaning that.
 */
it('reads a line by the name that the household gave its bottle', function (array $names, string $line, ?string $slug): void {
    /** @var array<string, string> $names */
    $heard = PhraseReader::shipped()->in(null, [], [], $names)->read($line);
    expect(count($heard->lines) === 1 ? $heard->lines[0]->slug() : null)->toBe($slug, $line);
})->with([
    'a name of its own' => [['the green one' => 'vegetable-oil'], '10 ml the green one', 'vegetable-oil'],
    'as it is written' => [['Grandma’s jar' => 'castile-soap', 'Green Stuff' => 'neem-oil'], '10 ml green stuff', 'neem-oil'],
    'nobody named it' => [[], '10 ml green stuff', null],
    'what is taken for soap until the household named its own' => [['soap' => 'dish-detergent'], '10 ml soap', 'dish-detergent'],
    'what is asked is asked once' => [['insecticidal soap concentrate' => 'castile-soap'], '10 ml insecticidal soap concentrate', 'castile-soap'],
    'what means something goes on meaning that' => [['neem oil' => 'vegetable-oil'], '10 ml neem oil', 'neem-oil'],
    'what is refused stays so' => [['bleach' => 'dish-detergent'], '10 ml bleach', null],
    'a unit is none' => [['cup' => 'dish-detergent'], '1 ml cup', null],
    'a number is an amount' => [['alcohol 91' => 'isopropyl-alcohol'], '10 ml neem oil', 'neem-oil'],
    'no name at all' => [['' => 'neem-oil', '…' => 'neem-oil'], '10 ml castile soap', 'castile-soap'],
]);
