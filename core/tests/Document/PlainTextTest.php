<?php

declare(strict_types=1);

use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Document\PlainText;

// Unicode Standard Annex 9, 2: explicit directional embeddings, overrides, isolates and marks; Unicode 15, table 23-1: controls.
it('leaves out what is not seen, and nothing else', function (string $text, string $lines, string $line): void {
    expect([PlainText::lines($text), PlainText::line($text)])->toBe([$lines, $line]);
})->with([
    'a word' => ['Rose', 'Rose', 'Rose'],
    'turned round' => ["Rose\u{202E}gpj.exe", 'Rosegpj.exe', 'Rosegpj.exe'],
    'every mark of direction' => ["a\u{200E}b\u{200F}c\u{061C}d\u{2066}e\u{2069}f\u{202A}g\u{202C}h", 'abcdefgh', 'abcdefgh'],
    'on two lines' => ["Rose\r\nat the gate", "Rose\r\nat the gate", 'Rose at the gate'],
    'with other breaks' => ["a\u{2028}b\u{2029}c\u{0085}d\te", "a\u{2028}b\u{2029}c\u{0085}d\te", 'a b c d e'],
    'controls' => ["a\0b\x07c\x1Bd\x7Fe", 'abcde', 'abcde'],
    'a mark of byte order' => ["\u{FEFF}Rose", 'Rose', 'Rose'],
    'letters of other scripts, joined and apart' => ["می\u{200C}خواهم ठी\u{200D}क 👩\u{200D}🌾 שושנה", "می\u{200C}خواهم ठी\u{200D}क 👩\u{200D}🌾 שושנה", "می\u{200C}خواهم ठी\u{200D}क 👩\u{200D}🌾 שושנה"],
]);

it('reads a name as one line, notes as they are, and takes one of marks alone for none', function (): void {
    $said = static fn(string $text): string => json_encode($text, \JSON_THROW_ON_ERROR);
    expect(JsonText::parse($said("Rose\nat the gate\u{202E}"))->line(200, 1))->toBe('Rose at the gate')
        ->and(JsonText::parse($said("one\ntwo"))->text(200))->toBe("one\ntwo")
        ->and(fn() => JsonText::parse($said("\u{202E}\u{200F}"))->line(200, 1))->toThrow(InvalidDocument::class)
        ->and(fn() => JsonText::parse('7')->line(200))->toThrow(InvalidDocument::class);
});
