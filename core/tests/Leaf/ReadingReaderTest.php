<?php

declare(strict_types=1);

use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Leaf\ReadingReader;

// A share is of a hundred, and lies within its own range; a place is one on the drawn leaf, edges and all.
it('takes what a leaf can look like, and says what it cannot', function (array $leaf, string $at): void {
    $path = '';
    try {
        $read = ReadingReader::read(JsonText::parse(json_encode([['leaf' => 1, 'share' => 20, ...$leaf]], \JSON_THROW_ON_ERROR)), null);
        expect($read)->toHaveCount(1)->and($read[0]->seen->number)->toBe($leaf['leaf'] ?? 1)->and($read[0]->seen->share)->toEqual($leaf['share'] ?? 20);
    } catch (InvalidDocument $refused) {
        $path = $refused->path();
    }
    expect($path)->toBe($at);
})->with([
    'nothing of it' => [['share' => 0], ''],
    'all of it' => [['share' => 100], ''],
    'more than all' => [['share' => 100.1], '/0/share'],
    'less than nothing' => [['share' => -0.1], '/0/share'],
    'from just that on' => [['low' => 20], ''],
    'from more than that' => [['low' => 20.1], '/0/share'],
    'to just that' => [['high' => 20], ''],
    'to less than that' => [['high' => 19.9], '/0/share'],
    'the fortieth leaf' => [['leaf' => 40], ''],
    'one more' => [['leaf' => 41], '/0/leaf'],
    'the leaf before the first' => [['leaf' => 0], '/0/leaf'],
    'at the corner' => [['spots' => [['x' => 0, 'y' => 1, 'kind' => 'spots']]], ''],
    'beside the leaf' => [['spots' => [['x' => 1.05, 'y' => 0.5, 'kind' => 'spots']]], '/0/spots/0/x'],
    'above it' => [['spots' => [['x' => 0.5, 'y' => -0.01, 'kind' => 'spots']]], '/0/spots/0/y'],
]);
