<?php

declare(strict_types=1);

use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\JsonStream;
use IdleMixer\Core\Document\Node;

/** @return resource */
function asFile(string $text)
{
    $file = fopen('php://temp', 'r+b');
    assert(is_resource($file));
    fwrite($file, $text);
    rewind($file);

    return $file;
}

/** @return array<string, string> JSON of each entry, by its path */
function streamed(string $text, int $longest = 1_000_000): array
{
    return array_map(static fn(Node $node): string => $node->json(), iterator_to_array((new JsonStream(asFile($text), $longest))->entries()));
}

it('reads entry by entry what the whole would give at once', function (): void {
    mt_srand(11);
    for ($i = 0; $i < 40; ++$i) {
        $lists = [];
        foreach (['a', 'b"c', 'é'] as $key) {
            $lists[$key] = array_map(static fn(int $n): array => ['n' => $n, 't' => str_repeat(['"', '\\', '{', ']', ',', 'ü', "\n", 'x'][mt_rand(0, 7)], mt_rand(0, 9_000)), 'deep' => [[1.5, null], ['k' => true]]], range(0, mt_rand(0, 30)));
        }
        $whole = json_encode(['version' => 1, ...$lists], \JSON_THROW_ON_ERROR | ($i % 2 === 0 ? \JSON_PRETTY_PRINT : 0) | \JSON_PRESERVE_ZERO_FRACTION);
        $expected = ['/version' => '1'];
        foreach ($lists as $key => $rows) {
            foreach ($rows as $n => $row) {
                $expected["/{$key}/{$n}"] = json_encode($row, \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PRESERVE_ZERO_FRACTION | \JSON_THROW_ON_ERROR);
            }
        }
        expect(streamed($whole))->toBe($expected);
    }
    expect(streamed('{}'))->toBe([])->and(streamed("{\"a\":[],\n\"b\":7}"))->toBe(['/b' => '7']);
});

it('says where it was cut off or went wrong', function (string $text, string $says, int $longest = 1_000_000): void {
    expect(static fn(): array => streamed($text, $longest))->toThrow(InvalidDocument::class, $says);
})->with([
    'nothing' => ['', 'empty or cut off'],
    'a list' => ['[1]', '{ is needed'],
    'cut off in a string' => ['{"a":[{"b":"c', 'cut off'],
    'cut off after an entry' => ['{"a":[1,2', 'cut off'],
    'no comma' => ['{"a":[1 2]}', 'not JSON'],
    'no colon' => ['{"a" 7}', ': is needed'],
    'more behind' => ['{"a":1} x', 'more after the end'],
    'no JSON' => ['{"a":[nope]}', 'not JSON'],
    'an entry without end' => ['{"a":["' . str_repeat('x', 300_000) . '"]}', 'longer than', 100_000],
]);

it('holds no more than one entry at a time', function (): void {
    $file = fopen('php://temp/maxmemory:1000000', 'r+b');
    assert(is_resource($file));
    fwrite($file, '{"rows":[');
    for ($i = 0; $i < 40_000; ++$i) {
        fwrite($file, ($i === 0 ? '' : ',') . '{"number":' . $i . ',"text":"' . str_repeat('leaf ', 100) . '"}');
    }
    fwrite($file, ']}');
    rewind($file);
    memory_reset_peak_usage();
    $before = memory_get_usage();
    $count = 0;
    foreach ((new JsonStream($file, 10_000))->entries() as $entry) {
        ++$count;
    }
    // 21 MB of text.
    expect($count)->toBe(40_000)->and(memory_get_peak_usage() - $before)->toBeLessThan(4_000_000);
});
