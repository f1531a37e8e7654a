<?php

declare(strict_types=1);

use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\JsonText;

$bounds = [new DateTimeImmutable('2020-01-01T00:00:00Z'), new DateTimeImmutable('2030-01-01T00:00:00Z')];

it('reads an instant with its offset', function (string $text, string $utc) use ($bounds): void {
    $node = JsonText::parse(json_encode($text, \JSON_THROW_ON_ERROR));

    expect($node->instant(...$bounds)->format('Y-m-d\TH:i:s\Z'))->toBe($utc);
})->with([
    // RFC 3339
    ['2026-05-03T19:30:00+02:00', '2026-05-03T17:30:00Z'],
    ['2026-05-03T19:30:00.123Z', '2026-05-03T19:30:00Z'],
    ['2026-05-03T19:30Z', '2026-05-03T19:30:00Z'],
]);

it('refuses what is no instant', function (string $json) use ($bounds): void {
    JsonText::parse($json)->instant(...$bounds);
})->throws(InvalidDocument::class)->with(['"yesterday"', '"2026-02-31T10:00:00Z"', '"2026-05-03"', '"2026-05-03T19:30:00"', '7', 'null', '"2019-12-31T23:59:59Z"', '"2030-01-01T00:00:01Z"', '"2026-05-03T25:00:00Z"']);

it('reads whole numbers and counts within their bounds', function (): void {
    expect(JsonText::parse('3')->whole(1, 6))->toBe(3)
        ->and(JsonText::parse('3.0')->whole(1, 6))->toBe(3)
        ->and(JsonText::parse('0')->countUpTo(9.0))->toBe(0.0)
        ->and(static fn() => JsonText::parse('2.5')->whole(1, 6))->toThrow(InvalidDocument::class, 'whole number from 1 to 6')
        ->and(static fn() => JsonText::parse('7')->whole(1, 6))->toThrow(InvalidDocument::class)
        ->and(static fn() => JsonText::parse('-1')->countUpTo(9.0))->toThrow(InvalidDocument::class, 'from 0 to 9')
        ->and(static fn() => JsonText::parse('1e999')->countUpTo(9.0))->toThrow(InvalidDocument::class, 'too large');
});

it('reads a million bytes, and not one more', function (): void {
    $text = static fn(int $bytes): string => '"' . str_repeat('x', $bytes - 2) . '"';
    expect(strlen(JsonText::parse($text(1_000_000))->text(1_000_000)))->toBe(999_998)
        ->and(static fn() => JsonText::parse($text(1_000_001)))->toThrow(InvalidDocument::class, 'The document is 1000001 bytes long; at most 1000000 bytes (1 MB) are read.');
});

it('shows a bad value short and clean', function (): void {
    $long = str_repeat('<script>', 50);
    try {
        JsonText::parse(json_encode($long, \JSON_THROW_ON_ERROR))->word(['a'], 'letter');
        expect(false)->toBeTrue('it was taken');
    } catch (InvalidDocument $e) {
        expect(mb_strlen($e->getMessage()))->toBeLessThan(100)->and($e->found)->toContain('…');
    }
});

it('points with RFC 6901 escapes', function (): void {
    try {
        JsonText::parse('{"a/b~c":1}')->object(['x']);
        expect(false)->toBeTrue('it was taken');
    } catch (InvalidDocument $e) {
        expect($e->path())->toBe('/a~1b~0c');
    }
});
