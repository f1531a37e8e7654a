<?php

declare(strict_types=1);

use IdleMixer\Core\Bench\BenchReader;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Failure;
use IdleMixer\Core\Tests\Support\Plans;

/** @return array<string, mixed> */
function goodRequest(): array
{
    return [
        'recipe' => Plans::recipe([
            ['ingredient' => 'neem-oil', 'amount' => 2, 'unit' => '[tbs_us]', 'upTo' => 4],
            ['ingredient' => 'isopropyl-alcohol', 'amount' => 10, 'unit' => 'mL', 'strength' => 91],
        ], ['amount' => 1, 'unit' => '[gal_us]', 'of' => 'water']),
        'make' => ['amount' => 1.5, 'unit' => '[gal_us]'],
        'sprayer' => ['amount' => 1, 'unit' => '[gal_us]'],
        'measures' => [['amount' => 1, 'unit' => '[tsp_us]']],
        'water' => ['hardness' => ['amount' => 120, 'unit' => 'mg/L'], 'temperature' => ['amount' => 95, 'unit' => '[degF]']],
        'plant' => 'tender-leaf',
    ];
}

function faultOf(string $json): Failure
{
    try {
        BenchReader::shipped()->request(JsonText::parse($json));
    } catch (Failure $failure) {
        return $failure;
    }
    throw new RuntimeException('It was taken: ' . $json);
}

/** The good request with one value set, or taken out, at a path. */
function spoilt(string $path, mixed $value, bool $takeOut = false): string
{
    $request = goodRequest();
    $at = &$request;
    $keys = explode('/', ltrim($path, '/'));
    $last = array_pop($keys);
    foreach ($keys as $key) {
        assert(is_array($at));
        $at = &$at[$key];
    }
    assert(is_array($at));
    if ($takeOut) {
        unset($at[$last]);
    } else {
        $at[$last] = $value;
    }

    return json_encode($request, \JSON_THROW_ON_ERROR);
}

it('takes a request with everything in it', function (): void {
    $request = BenchReader::shipped()->request(JsonText::parse(json_encode(goodRequest(), \JSON_THROW_ON_ERROR)));

    expect($request->make->millilitres())->toEqualWithDelta(5678.117676, 1e-6)
        ->and($request->water->hardness)->toBe(120.0)
        ->and($request->water->temperature?->celsius())->toEqualWithDelta(35.0, 1e-9)
        ->and($request->target->plant?->slug)->toBe('tender-leaf')
        ->and($request->recipe->lines[1]->strength)->toBe(91.0);
});

it('says where the fault is and what would be right', function (string $path, mixed $value, string $said, ?string $at = null): void {
    $fault = faultOf(spoilt($path, $value));

    expect($fault->path())->toBe($at ?? $path)->and($fault->getMessage())->toContain($said);
})->with([
    'unknown unit' => ['/make/unit', '[gal_mars]', 'known are mL'],
    'a mass to make' => ['/make/unit', 'g', 'no known unit here'],
    'zero' => ['/make/amount', 0, 'above 0'],
    'negative' => ['/make/amount', -1, 'above 0'],
    'a number as text' => ['/make/amount', '1.5', 'not in quotes'],
    'true for a number' => ['/make/amount', true, 'finite number'],
    'too small' => ['/make/amount', 0.001, '10 mL to 10,000 L'],
    'too large' => ['/make/amount', 1e300, '10 mL to 10,000 L'],
    'water as hard as so much of it' => ['/water/hardness/unit', 'mL', 'no known unit here'],
    'water as warm as so much of it' => ['/water/temperature/unit', 'mL', 'no known unit here'],
    'water harder than any' => ['/water/hardness/amount', 10_001, '0 to 10,000 mg/L'],
    'a huge measure' => ['/measures/0/amount', 1e300, '10,000 L'],
    'a huge sprayer' => ['/sprayer/amount', 1e9, '10 mL to 10,000 L'],
    'unknown recipe' => ['/recipe', 'moon-dust', 'no known shipped recipe'],
    'unknown ingredient' => ['/recipe/lines/0/ingredient', 'tobacco', 'no known ingredient'],
    'unknown key' => ['/recipe/lines/0/colour', 'green', 'known are ingredient', '/recipe/lines/0/colour'],
    'unknown key at the top' => ['/maek', 1, 'known are recipe, make'],
    'range upside down' => ['/recipe/lines/0/upTo', 1, 'may not be below'],
    'a strength above all' => ['/recipe/lines/1/strength', 101, 'at most 100'],
    'a strength on oil' => ['/recipe/lines/0/strength', 50, 'alcohol and peroxide only'],
    'an infinite factor' => ['/factor', '1e999', 'not in quotes'],
    'zero factor' => ['/factor', 0, '0.001 to 1,000'],
    'a factor beyond sense' => ['/factor', 1001, '0.001 to 1,000'],
    'water of less than no hardness' => ['/water/hardness/amount', -1, '0 to 10,000 mg/L'],
    'no measures' => ['/measures', [], 'Between 1 and 60'],
    'a list for an object' => ['/make', [1], 'Expected an object'],
    'ice' => ['/water/temperature/amount', 20, '0 to 100 °C'],
    'steam' => ['/water/temperature/amount', 213, '0 to 100 °C'],
    'air colder than any garden' => ['/circumstances', ['celsius' => -40.1], '-40 and 60 °C', '/circumstances/celsius'],
    'air hotter than any garden' => ['/circumstances', ['celsius' => 60.1], '-40 and 60 °C', '/circumstances/celsius'],
    'unknown plant' => ['/plant', 'triffid', 'known are ordinary-leaf'],
    'a wrong format' => ['/recipe/format', 'something/else', 'known are idle-mixer/recipe'],
    'a later version' => ['/recipe/version', 3, 'versions 1 and 2'],
    'a slug with spaces' => ['/recipe/slug', 'Lemon Tub', 'small letters and digits'],
    'an empty name' => ['/recipe/name', '  ', 'Between 1 and 200'],
    'a long name' => ['/recipe/name', str_repeat('ä', 201), 'Between 1 and 200'],
    'long notes' => ['/recipe/notes', str_repeat('n', 4001), 'At most 4000'],
    'no lines' => ['/recipe/lines', [], 'Between 1 and 40'],
    'an order of its own' => ['/recipe/order', 'shaken', 'known are all-together'],
    'a stock with a basis' => ['/recipe/use', 'stock', 'no basis', '/recipe/basis'],
    'a spoon that is a weight' => ['/measures/0/unit', 'g', 'no known unit here'],
    'highEnd in words' => ['/highEnd', 'yes', 'true or false'],
]);

it('takes the coldest and the hottest of air and water', function (string $path, mixed $value): void {
    expect(BenchReader::shipped()->request(JsonText::parse(spoilt($path, $value)))->make->millilitres())->toEqualWithDelta(5678.117676, 1e-6);
})->with([
    ['/circumstances', ['celsius' => -40]], ['/circumstances', ['celsius' => 60]], ['/water/temperature/amount', 32], ['/water/hardness/amount', 0], ['/water/hardness/amount', 10_000], ['/water/temperature/amount', 212],
]);

it('says that measures were said twice, with names and without', function (): void {
    $spoon = ['amount' => 5, 'unit' => 'mL'];
    $fault = null;
    try {
        BenchReader::shipped()->read(JsonText::parse(json_encode(['request' => goodRequest(), 'measures' => [[...$spoon, 'name' => 'the dented one']]], \JSON_THROW_ON_ERROR)));
    } catch (InvalidDocument $refused) {
        $fault = $refused;
    }
    expect([$fault?->path(), str_contains((string) $fault?->getMessage(), 'say them once')])->toBe(['/measures', true]);
});

it('says which key is missing', function (string $path, string $at, string $key): void {
    $fault = faultOf(spoilt($path, null, true));

    expect($fault->path())->toBe($at)->and($fault->getMessage())->toContain("“{$key}” is missing");
})->with([['/make', '', 'make'], ['/recipe', '', 'recipe'], ['/make/unit', '/make', 'unit'], ['/recipe/basis', '/recipe', 'basis'], ['/recipe/lines/0/amount', '/recipe/lines/0', 'amount']]);

it('refuses what is no document at all', function (string $text, string $said): void {
    expect(faultOf($text)->path())->toBe('')->and(faultOf($text)->getMessage())->toContain($said);
})->with([
    'empty' => ['', 'empty'],
    'blank' => [" \n", 'empty'],
    'not JSON' => ['two spoons of neem', 'not JSON'],
    'cut off' => ['{"recipe":', 'not JSON'],
    'wrong encoding' => ["{\"recipe\":\"caf\xe9\"}", 'not JSON'],
    'five megabytes' => ['[' . str_repeat('1,', 2_500_000) . '1]', '1 MB'],
    'deep' => [str_repeat('[', 500) . str_repeat(']', 500), 'not JSON'],
    'a list' => ['[]', 'Expected an object'],
    'a number' => ['7', 'Expected an object'],
]);

it('takes an infinite number for what it is', function (): void {
    $json = str_replace('1.5', '1e999', json_encode(goodRequest(), \JSON_THROW_ON_ERROR));

    expect(faultOf($json)->path())->toBe('/make/amount')->and(faultOf($json)->getMessage())->toContain('too large');
});

it('refuses stocks nested deeper than three, and takes three', function (): void {
    $nest = static function (int $depth) use (&$nest): array {
        $lines = $depth === 0 ? [['ingredient' => 'neem-oil', 'amount' => 1, 'unit' => 'mL']] : [['stock' => $nest($depth - 1), 'amount' => 1, 'unit' => 'mL']];

        return Plans::recipe($lines, null, 'stock');
    };
    $request = static fn(int $depth): string => json_encode(['recipe' => Plans::recipe([['stock' => $nest($depth), 'amount' => 1, 'unit' => 'mL']], ['amount' => 1, 'unit' => 'L', 'of' => 'water']), 'make' => ['amount' => 1, 'unit' => 'L']], \JSON_THROW_ON_ERROR);

    expect(BenchReader::shipped()->request(JsonText::parse($request(2)))->recipe->lines)->toHaveCount(1)
        ->and(faultOf($request(3))->getMessage())->toContain('3 deep')
        ->and(faultOf($request(3)))->toBeInstanceOf(InvalidDocument::class);
});

it('bears any rubbish without breaking', function (): void {
    $values = [null, true, -1, 0, 1e300, 'x', '<script>alert(1)</script>', [], [[]], ['a' => 1], "\u{202e}", str_repeat('9', 5000)];
    $paths = ['/recipe', '/make', '/make/amount', '/make/unit', '/sprayer', '/measures', '/measures/0', '/water', '/water/hardness', '/plant', '/factor', '/highEnd', '/recipe/lines', '/recipe/lines/0', '/recipe/lines/0/amount', '/recipe/lines/0/unit', '/recipe/basis', '/recipe/basis/of', '/recipe/use', '/recipe/slug', '/recipe/notes'];
    $refused = 0;
    foreach ($paths as $path) {
        foreach ($values as $value) {
            try {
                BenchReader::shipped()->request(JsonText::parse(spoilt($path, $value)));
            } catch (Failure $failure) {
                ++$refused;
                expect($failure->path())->toStartWith('/')->and($failure->getMessage())->not->toBe('');
            }
        }
    }
    expect($refused)->toBeGreaterThan(200);
});

it('takes a hand, a factor, a scale and a number of days up to their bounds, and says what would be right beyond them', function (string $key, float|int $value, ?string $fault): void {
    $request = ['recipe' => 'mild-soap', 'make' => ['amount' => 1, 'unit' => 'L']];
    $document = $key === 'factor' ? ['request' => [...$request, 'factor' => $value]] : ['request' => $request, $key => $value];
    try {
        $bench = BenchReader::shipped()->read(JsonText::parse(json_encode($document, \JSON_THROW_ON_ERROR)));
        $said = null;
        expect($key === 'hand' ? $bench->hand : $bench->factor)->toBe((float) $value);
    } catch (InvalidDocument $refused) {
        $said = $refused->getMessage();
    }
    $fault === null ? expect($said)->toBeNull() : expect($said)->toContain($fault);
})->with([
    ['hand', 1.4, null], ['hand', 0.05, null], ['hand', 20, null], ['hand', 0.049, '0.05 to 20'], ['hand', 20.1, '0.05 to 20'], ['hand', 0, '0.05 to 20'],
    ['factor', 0.5, null], ['factor', 0.001, null], ['factor', 1000, null], ['factor', 0.0009, '0.001 to 1,000'], ['factor', 1001, '0.001 to 1,000'],
]);
