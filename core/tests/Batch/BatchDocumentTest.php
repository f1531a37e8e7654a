<?php

declare(strict_types=1);

use IdleMixer\Core\Batch\BatchReader;
use IdleMixer\Core\Batch\BatchRecord;
use IdleMixer\Core\Batch\Made;
use IdleMixer\Core\Batch\MadeReader;
use IdleMixer\Core\Batch\MadeWriter;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Measure\ScoopPlan;
use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Safety\Season;
use IdleMixer\Core\Tests\Support\Batches;
use IdleMixer\Core\Tests\Support\Plans;
use IdleMixer\Core\Wording\Measures;

const QUART = ['recipe' => 'neem-leaf-quart', 'make' => ['amount' => 3, 'unit' => '[qt_us]'], 'sprayer' => ['amount' => 2, 'unit' => '[qt_us]'], 'plant' => 'tender-leaf', 'water' => ['hardness' => ['amount' => 120, 'unit' => 'mg/L'], 'temperature' => ['amount' => 68, 'unit' => '[degF]']], 'circumstances' => ['season' => 'growing', 'celsius' => 21, 'everyDays' => 10]];

/** A document with something else in one place, as it is written. */
function withChanged(string $document, string $pointer, mixed $value): string
{
    $whole = json_decode($document, true, 64, \JSON_THROW_ON_ERROR);
    $point = &$whole;
    foreach (array_map(static fn(string $key): string => str_replace('~1', '/', $key), explode('/', ltrim($pointer, '/'))) as $key) {
        assert(is_array($point));
        $point = &$point[$key];
    }
    $point = $value;
    unset($point);

    return json_encode($whole, \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION);
}

/** @return list<string> the places of a document that hold a number, a text or a flag */
function leavesOf(mixed $value, string $at = ''): array
{
    if (! is_array($value)) {
        return [$at];
    }
    $all = [];
    foreach ($value as $key => $one) {
        array_push($all, ...leavesOf($one, "{$at}/{$key}"));
    }

    return $all;
}

it('reads back what the batch was started from', function (): void {
    $plan = Plans::of(QUART);
    $batch = Batches::of(QUART);

    expect([$batch->id, $batch->slug, $batch->name, $batch->repeatDays])->toBe([Batches::ID, 'neem-leaf-quart', 'Neem leaf spray', 7])
        ->and(count($batch->loads))->toBe(2)
        ->and($batch->finished())->toEqualWithDelta($plan->whole->finished(), 1e-9)
        ->and($batch->room)->toEqualWithDelta(2 * 946.352946, 1e-9)
        ->and($batch->water->hardness)->toBe(120.0)
        ->and($batch->water->temperature?->celsius())->toEqualWithDelta(20.0, 1e-9)
        ->and($batch->circumstances->season)->toBe(Season::Growing)
        ->and($batch->circumstances->air?->celsius())->toBe(21.0)
        ->and($batch->circumstances->everyDays)->toBe(10.0)
        ->and($batch->target->plant?->limits)->toBe('tender')
        ->and($batch->holding->strict->value)->toBe($plan->holding->strict->value)
        ->and($batch->fairLookHours)->toBe($plan->fairLook->judged->value)
        ->and($batch->usualDroplet)->toEqualWithDelta($plan->emulsion->usualDroplet ?? 0.0, 1e-9);
    foreach ($plan->groups[0]->load->items as $key => $item) {
        $remembered = $batch->load(1)->items[$key];
        expect($remembered->name())->toBe($item->name())
            ->and($remembered->millilitres())->toEqualWithDelta($item->millilitres(), 1e-9)
            ->and(Measures::scoops($remembered->measured))->toBe(Measures::scoops($item->measured));
    }
    expect(Strengths::of($batch->load(1)->mixture)->groups())->toEqualWithDelta(Strengths::of($plan->groups[0]->load->mixture)->groups(), 1e-9);
});

it('knows what nobody said as not known', function (): void {
    $batch = Batches::of(['recipe' => 'mild-soap', 'make' => ['amount' => 1, 'unit' => 'L']]);
    expect($batch->circumstances->season)->toBeNull()
        ->and($batch->circumstances->air)->toBeNull()
        ->and($batch->water->hardness)->toBeNull()
        ->and($batch->room)->toBeNull()
        ->and($batch->target->plant)->toBeNull();
});

it('keeps frost and soft water as values', function (): void {
    $batch = Batches::of(['recipe' => 'mild-soap', 'make' => ['amount' => 1, 'unit' => 'L'], 'water' => ['hardness' => ['amount' => 0, 'unit' => 'mg/L'], 'temperature' => ['amount' => 0, 'unit' => 'Cel']], 'circumstances' => ['celsius' => -4]]);
    expect($batch->water->hardness)->toBe(0.0)
        ->and($batch->water->temperature?->celsius())->toBe(0.0)
        ->and($batch->circumstances->air?->celsius())->toBe(-4.0);
});

it('judges by the limits of the document, not by those of today', function (): void {
    $document = Batches::document(QUART);
    $changed = Batches::read(withChanged($document, '/limits/neem~1tender/value', 0.25));
    expect($changed->limits->get('neem/tender')->value)->toBe(0.25)
        ->and(Batches::read($document)->limits->get('neem/tender')->value)->toBe(0.6);
});

// Two tablespoons and two teaspoons in a gallon of 768 teaspoons: 6 and 2 of them, reckoned by hand.
it('says what was scooped, not what was planned', function (): void {
    $batch = Batches::gallonOfNeem();

    $whole = Made::of($batch, Batches::history(Batches::ticks($batch)));
    expect($whole->strengths()->groups())->toEqualWithDelta(['oil' => 100 * 6 / 768, 'soap' => 100 * 2 / 768], 1e-9)
        ->and([$whole->ticked, $whole->planned])->toBe([4, 4])
        ->and($whole->strongest->finished())->toEqualWithDelta(3785.411784, 1e-6);

    // One of the two tablespoons never went in: water stands in its place, up to the same mark.
    $short = Made::of($batch, Batches::history(Batches::ticks($batch, ['neem-oil' => 1])));
    expect($short->strengths()->groups())->toEqualWithDelta(['oil' => 100 * 3 / 768, 'soap' => 100 * 2 / 768], 1e-9)
        ->and([$short->ticked, $short->planned])->toBe([3, 4])
        ->and($short->strongest->finished())->toEqualWithDelta(3785.411784, 1e-6);

    // Nothing was ticked: it is water.
    expect(Made::of($batch, Batches::history([]))->strengths()->groups())->toBe([]);
});

it('writes down what was made, and reads it back the same', function (string $recipe): void {
    $batch = Batches::of(['recipe' => $recipe, 'make' => ['amount' => 2, 'unit' => 'L']]);
    $made = MadeWriter::record(Made::of($batch, Batches::history(Batches::ticks($batch))));
    $written = json_encode(MadeWriter::write($made), \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION);
    $read = MadeReader::read(JsonText::parse($written));

    expect(json_encode(MadeWriter::write($read), \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION))->toBe($written)
        ->and($read->sure)->toBeTrue()
        ->and($read->ticked)->toBe($read->planned)
        ->and($read->composition->isAlike($made->composition, 0.0))->toBeTrue();
})->with(['neem-leaf-quart', 'soda-and-neem', 'egg-and-oil-milk', 'half-alcohol-swab', 'true-neem-emulsion', 'mint-mask']);

// A name may be one letter: somebody else wrote it. None may be empty.
it('reads names and keys of one letter', function (): void {
    $document = Batches::document(QUART);
    foreach (array_keys(Batches::read($document)->load(1)->items) as $n => $key) {
        $document = str_replace("\"{$key}\"", '"' . chr(97 + $n) . '"', $document);
    }
    expect(array_keys(Batches::read($document)->load(1)->items))->toBe(['a', 'b']);
    foreach (['/sources/practice/citation', '/recipe/name', '/recipe/slug', '/bench/plant/name', '/bench/plant/slug', '/bench/plant/limits', '/ingredients/0/name'] as $pointer) {
        expect(Batches::faultAt(static fn(): BatchRecord => Batches::read(withChanged($document, $pointer, 'x'))))->toBe('nothing is wrong with it', $pointer)
            ->and(Batches::faultAt(static fn(): BatchRecord => Batches::read(withChanged($document, $pointer, ''))))->toBe($pointer);
    }
});

// The house's own line: a slug of a hundred letters at most, and a number behind it.
it('reads keys of 110 letters, and none longer', function (): void {
    $document = Batches::document(QUART);
    $with = static fn(int $letters): string => withChanged(withChanged($document, '/plan/loads/0/lines/0/item', str_repeat('k', $letters)), '/plan/loads/0/items/0/key', str_repeat('k', $letters));
    expect(array_keys(Batches::read($with(110))->load(1)->items)[0])->toBe(str_repeat('k', 110))
        ->and(Batches::faultAt(static fn(): BatchRecord => Batches::read($with(111))))->toBe('/plan/loads/0/lines/0/item');
});

it('reads a stock of one letter', function (): void {
    $document = Batches::document(['recipe' => 'kitchen-oil-by-the-quart', 'make' => ['amount' => 1, 'unit' => 'L']]);
    foreach (['/plan/loads/0/items/0/stock', '/plan/loads/0/items/0/name'] as $pointer) {
        expect(Batches::faultAt(static fn(): BatchRecord => Batches::read(withChanged($document, $pointer, 'x'))))->toBe('nothing is wrong with it', $pointer)
            ->and(Batches::faultAt(static fn(): BatchRecord => Batches::read(withChanged($document, $pointer, ''))))->toBe($pointer);
    }
});

it('reads names of one letter in what was made', function (): void {
    $batch = Batches::of(QUART);
    $written = json_encode(MadeWriter::write(MadeWriter::record(Made::of($batch, Batches::history(Batches::ticks($batch))))), \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION);
    foreach (['/lines/0/name', '/lines/0/ingredient', '/composition/0/name', '/composition/0/ingredient'] as $pointer) {
        $fault = static fn(string $value): string => Batches::faultAt(static fn() => MadeReader::read(JsonText::parse(withChanged($written, $pointer, $value))));
        expect($fault('x'))->toBe('nothing is wrong with it', $pointer)->and($fault(''))->toBe($pointer);
    }
});

// The house's own bounds: above what a bench has, and below what a machine chokes on.
it('reads lists up to so many, numbers and words up to so much, and none beyond', function (string $pointer, int $most, string $kind): void {
    $document = Batches::document(QUART);
    $with = static fn(int $many): string => Batches::faultAt(static fn(): BatchRecord => Batches::read(withChanged($document, $pointer, match ($kind) {
        'list' => array_fill(0, $many, null),
        'number' => $many,
        default => str_repeat('ü', $many),
    })));
    expect($with($most + 1))->toBe($pointer)->and($with($most))->toBe($kind === 'list' ? "{$pointer}/0" : 'nothing is wrong with it');
})->with([
    'loads' => ['/plan/loads', 1000, 'list'], 'ingredients' => ['/ingredients', 200, 'list'], 'things in a load' => ['/plan/loads/0/items', 200, 'list'],
    'lines of a load' => ['/plan/loads/0/lines', 200, 'list'], 'measures for one thing' => ['/plan/loads/0/items/0/measured/scoops', 200, 'list'], 'measures' => ['/bench/measures', 60, 'list'],
    'fills of a measure' => ['/plan/loads/0/items/0/measured/scoops/0/count', 1_000_000, 'number'], 'days between rounds' => ['/repeat_days', 3660, 'number'],
    'days to the harvest' => ['/bench/circumstances/pickedInDays', 3660, 'number'],
    'where a limit comes from' => ['/sources/practice/citation', 1000, 'word'], 'a name' => ['/recipe/name', 200, 'word'], 'a slug' => ['/recipe/slug', 100, 'word'], 'a plant' => ['/bench/plant/slug', 100, 'word'], 'a unit' => ['/ingredients/0/density/unit', 20, 'word'],
]);

it('reads what was made up to so many lines and spoonfuls, and no more', function (string $pointer, int $most, string $kind): void {
    $batch = Batches::of(QUART);
    $written = json_encode(MadeWriter::write(MadeWriter::record(Made::of($batch, Batches::history(Batches::ticks($batch))))), \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION);
    $with = static fn(int $many): string => Batches::faultAt(static fn() => MadeReader::read(JsonText::parse(withChanged($written, $pointer, $kind === 'list' ? array_fill(0, $many, null) : $many))));
    expect($with($most + 1))->toBe($pointer)->and($with($most))->toBe($kind === 'list' ? "{$pointer}/0" : 'nothing is wrong with it');
})->with([
    'lines' => ['/lines', 100_000, 'list'], 'spoken strengths' => ['/spoken', 20, 'list'], 'ingredients' => ['/composition', 200, 'list'], 'ticked' => ['/ticked', 10_000_000, 'number'], 'planned' => ['/planned', 10_000_000, 'number'],
]);

it('says where a document is wrong', function (string $pointer, mixed $value, string $at): void {
    expect(Batches::faultAt(static fn(): BatchRecord => Batches::read(withChanged(Batches::document(QUART), $pointer, $value))))->toBe($at);
})->with([
    ['/version', 2, '/version'], ['/id', '10000000-0000-4000-8000-00000000000', '/id'], ['/repeat_days', 0, '/repeat_days'], ['/repeat_days', 3661, '/repeat_days'],
    ['/bench/unit', 'bucket', '/bench/unit'], ['/bench/sprayer_mL', 0, '/bench/sprayer_mL'], ['/bench/plant/surface', 'cloud', '/bench/plant/surface'],
    ['/bench/circumstances/everyDays', 0, '/bench/circumstances/everyDays'], ['/bench/measures/0/unit', 'g', '/bench/measures/0/unit'],
    ['/ingredients/0/density/value', 0, '/ingredients/0/density/value'], ['/ingredients/0/density/source', 'hearsay', '/ingredients/0/density/source'],
    ['/sources/practice/standing', 'gospel', '/sources/practice/standing'], ['/plan/loads/0/items/0/key', 'another', '/plan/loads/0/items/0/key'],
    ['/plan/loads/0/lines/0/mL', 1e300, '/plan/loads/0/lines/0/mL'], ['/plan/loads/0/items/0/measured/scoops/0/count', 1_000_001, '/plan/loads/0/items/0/measured/scoops/0/count'],
    ['/plan/loads/0/items/0/measured/scoops/0/unit', 'Cel', '/plan/loads/0/items/0/measured/scoops/0/unit'],
]);

it('refuses what is no such number in one sentence, or reckons on with it: nothing breaks', function (): void {
    $document = Batches::document(QUART);
    $leaves = leavesOf(json_decode($document, true, 64, \JSON_THROW_ON_ERROR));
    expect(count($leaves))->toBeGreaterThan(200);
    $refused = $taken = 0;
    foreach ($leaves as $i => $leaf) {
        // What core does not read again is kept as it is; the shape of the rest is what matters.
        foreach ([-1, 1e300, 'nonsense', null, [], 0] as $n => $value) {
            if (($i + $n) % 2 === 0) {
                continue;
            }
            try {
                $batch = Batches::read(withChanged($document, $leaf, $value));
                $made = MadeWriter::write(MadeWriter::record(Made::of($batch, Batches::history(Batches::ticks($batch)))));
                expect(json_encode($made, \JSON_THROW_ON_ERROR))->toBeString();
                ++$taken;
            } catch (InvalidDocument $fault) {
                // A name that two places share may be missed at the other of them.
                expect($fault->getMessage())->not->toBe('')->and(explode('/', $fault->path())[1] ?? '')->toBe(explode('/', $leaf)[1]);
                ++$refused;
            }
        }
    }
    expect($refused)->toBeGreaterThan(200)->and($taken)->toBeGreaterThan(100);
});

it('knows keys that it does not know', function (): void {
    $document = json_decode(Batches::document(QUART), true, 64, \JSON_THROW_ON_ERROR);
    assert(is_array($document));
    $text = json_encode([...$document, 'moon' => 'full'], \JSON_THROW_ON_ERROR);
    expect(static fn(): BatchRecord => BatchReader::shipped()->read(JsonText::parse($text)))->toThrow(InvalidDocument::class, 'moon');
});

it('measures a remembered load with what was at hand then', function (): void {
    $batch = Batches::of(QUART);
    foreach ($batch->load(2)->items as $item) {
        expect(abs($item->measured->errorPercent()))->toBeLessThanOrEqual(100 * ScoopPlan::TOLERANCE + 1e-9);
    }
    expect(static fn() => $batch->load(3))->toThrow(LogicException::class);
});

it('goes on judging a batch of before by what held for it then', function (): void {
    $row = static fn(float $value): array => ['value' => $value, 'unit' => '%', 'source' => 'house'];
    $plant = ['slug' => 'tender-leaf', 'name' => 'Tender leaf', 'surface' => 'leaf', 'oil_limit' => $row(0.9), 'soap_limit' => null, 'alcohol_limit' => $row(20)];
    $changes = ['/limits' => ['oil-leaf' => $row(2), 'oil-dormant' => $row(4), 'oil-drench' => $row(1.6), 'oil-stop-factor' => $row(1.5), 'soap-leaf' => $row(2), 'soap-leaf-stop' => $row(4), 'alcohol-leaf' => $row(40), 'essential-leaf' => $row(0.3), 'essential-leaf-stop' => $row(0.6), 'soda-leaf' => $row(1), 'soda-leaf-stop' => $row(1.5), 'peroxide-leaf' => $row(1), 'peroxide-leaf-stop' => $row(3)], '/bench/plant' => $plant, '/emulsion' => ['cover' => 1.2, 'usual_droplet_um' => 40.0]];
    $document = Batches::document(QUART);
    foreach ($changes as $pointer => $value) {
        $document = withChanged($document, $pointer, $value);
    }
    $limits = Batches::read($document)->limits;

    expect([$limits->get('neem/tender')->value, $limits->get('neem/tender/stop')->value])->toEqualWithDelta([0.9, 1.35], 1e-9)
        ->and([$limits->get('true-soap/tender')->value, $limits->get('detergent/tender/stop')->value])->toBe([2.0, 4.0])
        ->and($limits->get('alcohol/tender')->value)->toBe(20.0)
        ->and($limits->get('soda/tender/stop')->value)->toBe(1.5)
        // What nobody asked then is asked as of today.
        ->and($limits->get('weak-neem')->value)->toBe(0.15);
});
