<?php

declare(strict_types=1);

use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\JsonText;

// RFC 8259: both read the same text the same way; what is kept was looked over when it came in.
it('reads what is kept as it read it when it came in', function (string $text): void {
    expect(JsonText::kept($text)->raw())->toEqual(JsonText::parse($text)->raw());
})->with(['{"a":[1,2.5,"x",null,true,{"b":{}}]}', '{}', ' {"a":"\u00e9"}']);

it('says so where what is kept was overwritten', function (string $text): void {
    expect(static fn(): mixed => JsonText::kept($text)->raw())->toThrow(InvalidDocument::class);
})->with(['', '{"a":', "{\"a\":\"\xff\"}", str_repeat('[', 100) . str_repeat(']', 100)]);
