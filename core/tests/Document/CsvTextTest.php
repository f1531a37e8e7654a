<?php

declare(strict_types=1);

use IdleMixer\Core\Document\CsvText;

it('writes what a reader of RFC 4180 reads back', function (): void {
    $cells = ['plain', 'with, comma', 'a "quoted" word', "two\nlines", ' blank ', '', '12.5', 'é', 'semi;colon'];
    $file = fopen('php://memory', 'r+b');
    assert(is_resource($file));
    fwrite($file, CsvText::row($cells));
    rewind($file);
    expect(fgetcsv($file, null, ',', '"', ''))->toBe($cells);
});

it('makes formulas harmless, and reads them back as they were', function (string $text): void {
    $cell = str_getcsv(rtrim(CsvText::row([$text]), "\r\n"), ',', '"', '')[0] ?? '';
    // What spreadsheets take for a formula begins with one of these: common practice, no source.
    expect($cell)->toStartWith("'")->and(CsvText::plain($cell))->toBe($text);
})->with(['=cmd()', '+1+1', '-2+3', '@SUM(A1)', "\tx", "'=already", "''-twice", '＝cmd()', '＋1', '－2', '＠SUM(A1)']);

it('leaves numbers and words alone', function (string $text): void {
    expect(rtrim(CsvText::row([$text]), "\r\n"))->toBe($text)->and(CsvText::plain($text))->toBe($text);
})->with(['-3', '+4.5', 'rose', "'tis", '12']);
