<?php

declare(strict_types=1);

use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\JsonShape;
use IdleMixer\Core\Document\JsonText;

/** The path of the first fault; null where none is there. */
function faultIn(string $json): ?string
{
    try {
        JsonShape::check($json);

        return null;
    } catch (InvalidDocument $fault) {
        return $fault->path();
    }
}

// RFC 8259, 4: names of an object should be unique; where they are not, RFC 6901 tells where.
it('tells where a key stands twice, and takes nothing else for one', function (string $json, ?string $at): void {
    expect(faultIn($json))->toBe($at);
})->with([
    'at the top' => ['{"a":1,"a":2}', '/a'],
    'spelt in another way' => ['{"a":1,"\u0061":2}', '/a'],
    'in the second of a list' => ['{"a":[{"b":1},{"b":1,"b":2}]}', '/a/1/b'],
    'in a list of lists' => ['[[{"x":1}],{"y":{"z":1 , "z" :2}}]', '/1/y/z'],
    'after a list that is closed' => ['{"a":[1,2],"c":[{"d":1,"d":1}]}', '/c/0/d'],
    'behind a list within' => ['{"a":[1,[2,3],{"d":1,"d":1}]}', '/a/2/d'],
    'a key and, further in, the same' => ['{"a":{"b":1},"b":{"a":1}}', null],
    'alike in two of a list' => ['[{"a":1},{"a":1}]', null],
    'in a text only' => ['{"k":"{\"k\":1,\"k\":2}","l":"k"}', null],
    'values that are alike' => ['["a","a",{"b":"a","c":"a"}]', null],
    'nothing' => ['{}', null],
]);

// RFC 8259, 6: a number may be written that no machine has; IEEE 754 doubles end at 1.8e308.
it('tells where a number is larger than any that is reckoned with, and takes a long text for none', function (string $json, ?string $at): void {
    expect(faultIn($json))->toBe($at);
})->with([
    'four hundred digits' => ['{"a":[1,' . str_repeat('9', 400) . ']}', '/a/1'],
    'by its exponent' => ['{"a":{"b":-1e400}}', '/a/b'],
    'the largest there is' => ['{"a":1.7976931348623157e308}', null],
    'four hundred digits behind the point' => ['{"a":0.' . str_repeat('9', 400) . '}', null],
    'a text of digits' => ['{"a":"' . str_repeat('9', 400) . '"}', null],
    'true, which has an e' => ['{"a":true,"b":[false,true]}', null],
    'no number at all' => ['{"a":' . str_repeat('e', 400) . '}', null],
]);

it('takes five hundred names in one object, and not one more', function (): void {
    $names = static fn(int $many): string => '{"a":{' . implode(',', array_map(static fn(int $n): string => "\"n{$n}\":{$n}", range(1, $many))) . '}}';
    expect(faultIn($names(500)))->toBeNull()->and(faultIn($names(501)))->toBe('/a/n501');
});

/*
 * PHP keeps the keys of an array in a table whose place is the key itself, or a sum over its bytes, by the size of the table
 * (php-src, Zend/zend_hash.h, DJBX33A): keys that are made up so that all fall into one place take as long as their number squared.
 */
it('refuses what is made up to hold it up, and reads what only looks like it', function (string $json, ?string $refused): void {
    try {
        JsonText::parse($json);
        $says = null;
    } catch (InvalidDocument $fault) {
        $says = $fault->getMessage();
    }
    expect($says === null ? null : substr($says, 0, strlen((string) $refused)))->toBe($refused);
})->with([
    'whole numbers in one place' => [fn(): string => '{' . implode(',', array_map(static fn(int $n): string => '"' . $n * 65_536 . '":0', range(1, 60_000))) . '}', 'More than 500 names'],
    'names in one place' => [fn(): string => '{' . implode(',', array_map(static fn(int $n): string => '"' . strtr(sprintf('%016b', $n), ['0' => 'Ez', '1' => 'FY']) . '":0', range(0, 25_000))) . '}', 'More than 500 names'],
    'many objects of as many names as are taken' => [fn(): string => '[' . implode(',', array_fill(0, 120, '{' . implode(',', array_map(static fn(int $n): string => '"' . $n * 65_536 . '":0', range(1, 500))) . '}')) . ']', null],
    'lists in lists' => [fn(): string => str_repeat('[', 500_000), 'This is not JSON'],
    'lists beside lists' => [fn(): string => '[' . str_repeat('[],', 300_000) . '[]]', 'More than 50000 lists and objects'],
    'as many lists as are taken' => [fn(): string => '[' . str_repeat('[],', 49_998) . '[]]', null],
    'a text of strokes' => [fn(): string => '"' . str_repeat('\\\\', 200_000) . '"', null],
    'a text that does not end' => [fn(): string => '{"' . str_repeat('a', 900_000), 'This is not JSON'],
    'one key again and again' => [fn(): string => '{' . str_repeat('"a":0,', 160_000) . '"a":0}', 'This key stands twice'],
]);

it('names things by words, where PHP would count', function (): void {
    $node = JsonText::parse('{"a":{"7":1,"b":2},"c":{"b":2}}')->open();
    expect(fn() => $node->get('a')->open()->names())->toThrow(InvalidDocument::class, 'a number is none')
        ->and($node->get('c')->open()->names())->toBe(['b']);
});
