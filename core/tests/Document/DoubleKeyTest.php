<?php

declare(strict_types=1);

use IdleMixer\Core\Document\DoubleKey;

// RFC 8259, 4: names of an object should be unique; where they are not, RFC 6901 tells where.
it('tells where a key stands twice, and takes nothing else for one', function (string $json, ?string $at): void {
    expect(DoubleKey::in($json))->toBe($at);
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
