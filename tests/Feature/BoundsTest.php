<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Date;
use Tests\Feature\Answer;
use Tests\Feature\Intake;
use Tests\Feature\Leaves;
use Tests\Feature\Notebook;

/*
 * How much of each thing is taken: what is at the bound, and not one more. The bounds are our own, above what a gardener has and
 * below what a machine chokes on.
 */

beforeEach(function (): void {
    Date::setTestNow('2026-06-01T18:00:00Z');
});

/** Status and place of a refusal, with what it says where that is another place; empty where it was taken. */
function turnedAway(Answer $answer, string $path): string
{
    return $answer->status < 300 ? '' : "{$answer->status} {$answer->text('error.path')}" . ($answer->text('error.path') === $path ? '' : ": {$answer->text('error.message')}");
}

it('takes words up to so many letters', function (string $at, int $most, Closure $send): void {
    /** @var Closure(string): Answer $send */
    $longer = $send(str_repeat('ü', $most + 1));
    expect(turnedAway($longer, $at))->toBe("422 {$at}")
        ->and($longer->text('error.message'))->toContain((string) $most)->toContain((string) ($most + 1))
        ->and(turnedAway($send(str_repeat('ü', $most)), $at))->toBe('');
})->with([
    'notes of a count' => ['/notes', 1000, static fn(string $text): Answer => Notebook::sent('/api/cases/' . Notebook::case(Notebook::plant()) . '/counts', ['value' => 3, 'notes' => $text])],
    'where it was counted' => ['/spots', 500, static fn(string $text): Answer => Notebook::sent('/api/cases/' . Notebook::case(Notebook::plant()) . '/counts', ['value' => 3, 'spots' => $text])],
    'notes of a round' => ['/notes', 1000, static function (string $text): Answer {
        $case = Notebook::case(Notebook::plant());

        return Notebook::sent("/api/cases/{$case}/rounds", ['batchId' => Notebook::mixed($case), 'override' => 'Urgent', 'notes' => $text]);
    }],
    'why a round goes ahead' => ['/override', 500, static function (string $text): Answer {
        $case = Notebook::case(Notebook::plant());

        return Notebook::sent("/api/cases/{$case}/rounds", ['batchId' => Notebook::mixed($case), 'override' => $text]);
    }],
    'why a walk goes ahead' => ['/override', 500, static function (string $text): Answer {
        $case = Notebook::case(Notebook::plant());

        return Notebook::sent('/api/runs', ['batchId' => Notebook::mixed($case), 'caseIds' => [$case], 'override' => $text]);
    }],
    'how test leaves are marked' => ['/marks', 500, static fn(string $text): Answer => Notebook::sent('/api/leaf-tests', ['batchId' => Notebook::mixed(), 'plantId' => Notebook::plant(), 'leaves' => 2, 'marks' => $text])],
    'notes of a look at test leaves' => ['/notes', 1000, static function (string $text): Answer {
        $test = Notebook::sent('/api/leaf-tests', ['batchId' => Notebook::mixed(), 'plantId' => Notebook::plant(), 'leaves' => 2])->id();

        return Notebook::sent("/api/leaf-tests/{$test}/readings", ['leaves' => Leaves::seen(0, 0, 0, 0), 'notes' => $text]);
    }],
    'notes of a burn' => ['/notes', 1000, static function (string $text): Answer {
        $case = Notebook::case(Notebook::plant());
        $round = Notebook::sent("/api/cases/{$case}/rounds", ['batchId' => Notebook::mixed($case), 'override' => 'Urgent'])->id('saved.id');

        return Notebook::sent("/api/rounds/{$round}/burns", ['share' => 15, 'notes' => $text]);
    }],
    'what came of a case' => ['/conclusion', 1000, static fn(string $text): Answer => Notebook::change('/api/cases/' . Notebook::case(Notebook::plant()) . '/closed', ['closed' => true, 'conclusion' => $text])],
    'the kind of a plant' => ['/kind', 200, static fn(string $text): Answer => Notebook::sent('/api/plants', ['name' => 'A', 'tolerance' => 'ordinary-leaf', 'kind' => $text])],
    'the place of a plant' => ['/place', 200, static fn(string $text): Answer => Notebook::sent('/api/plants', ['name' => 'A', 'tolerance' => 'ordinary-leaf', 'place' => $text])],
    'the size of a plant' => ['/size', 200, static fn(string $text): Answer => Notebook::sent('/api/plants', ['name' => 'A', 'tolerance' => 'ordinary-leaf', 'size' => $text])],
    'notes of a plant' => ['/notes', 4000, static fn(string $text): Answer => Notebook::sent('/api/plants', ['name' => 'A', 'tolerance' => 'ordinary-leaf', 'notes' => $text])],
    'what happened to a sprayer' => ['/notes', 500, static fn(string $text): Answer => Notebook::sent('/api/sprayers/' . Notebook::sent('/api/sprayers', ['name' => 'Can', 'holds' => ['amount' => 2, 'unit' => 'L']])->id() . '/events', ['kind' => 'washed', 'notes' => $text])],
    'one side of a trial' => ['/one', 200, static fn(string $text): Answer => Notebook::sent('/api/trials', ['plantIds' => [Notebook::plant()], 'pest' => 'aphids', 'name' => 'Which', 'one' => $text, 'other' => 'B', 'unit' => 'leaf', 'units' => 6])],
    'the other side of a trial' => ['/other', 200, static fn(string $text): Answer => Notebook::sent('/api/trials', ['plantIds' => [Notebook::plant()], 'pest' => 'aphids', 'name' => 'Which', 'one' => 'A', 'other' => $text, 'unit' => 'leaf', 'units' => 6])],
    'why a round is moved' => ['/reason', 500, static function (string $text): Answer {
        $case = Notebook::case(Notebook::plant());

        return Notebook::sent('/api/moves', ['kind' => 'first-round', 'ref' => $case, 'plannedAt' => '2026-06-02T18:00:00Z', 'to' => '2026-06-04T18:00:00Z', 'reason' => $text]);
    }],
    'what came of a trial' => ['/conclusion', 1000, static fn(string $text): Answer => Notebook::change('/api/trials/' . Notebook::sent('/api/trials', ['plantIds' => [Notebook::plant()], 'pest' => 'aphids', 'name' => 'Which', 'one' => 'A', 'other' => 'B', 'unit' => 'leaf', 'units' => 6])->id(), ['conclusion' => $text])],
    'a typed line' => ['/lines/0', 2000, static fn(string $text): Answer => Notebook::post('/api/compose', ['name' => 'Mine', 'slug' => null, 'use' => 'foliar', 'order' => 'blender', 'notes' => '', 'lines' => [$text]])],
    'a sum' => ['/line', 2000, static fn(string $text): Answer => Notebook::post('/api/sums', ['line' => $text, 'make' => ['amount' => 1, 'unit' => 'L'], 'of' => 'water'])],
    'what is left' => ['/left/0', 2000, static fn(string $text): Answer => Notebook::post('/api/reach', ['request' => ['recipe' => 'mild-neem', 'make' => ['amount' => 1, 'unit' => 'L']], 'left' => [$text]])],
]);

it('takes a look at test leaves of which nobody tells the weather', function (): void {
    $test = Notebook::sent('/api/leaf-tests', ['batchId' => Notebook::mixed(), 'plantId' => Notebook::plant(), 'leaves' => 2])->id();
    expect(Notebook::sent("/api/leaf-tests/{$test}/readings", ['leaves' => Leaves::seen(0, 0, 0, 0), 'weather' => []])->status)->toBe(201);
});

it('takes numbers up to a bound', function (string $at, float $most, float $more, Closure $send): void {
    /** @var Closure(float): Answer $send */
    expect(turnedAway($send($more), $at))->toBe("422 {$at}")
        ->and(turnedAway($send($most), $at))->toBe('');
})->with([
    'seconds that a glass stood, a day' => ['/seconds', 86_400, 86_401, static fn(float $of): Answer => Notebook::sent('/api/batches/' . Notebook::mixed() . '/stand-tests', ['result' => 'even', 'seconds' => $of])],
    'the height of a glass' => ['/heightMm', 500, 500.1, static fn(float $of): Answer => Notebook::sent('/api/batches/' . Notebook::mixed() . '/stand-tests', ['result' => 'even', 'heightMm' => $of])],
    'plants' => ['/plants/0/count', 10_000, 10_001, static fn(float $of): Answer => Notebook::post('/api/need', ['plants' => [['size' => 'pot', 'count' => $of]], 'unit' => 'L'])],
    'plants last time' => ['/trial/plants', 10_000, 10_001, static fn(float $of): Answer => Notebook::post('/api/need', ['trial' => ['used' => ['amount' => 1, 'unit' => 'L'], 'plants' => $of, 'now' => 3], 'unit' => 'L'])],
    'pots' => ['/pots/0/count', 10_000, 10_001, static fn(float $of): Answer => Notebook::post('/api/need', ['pots' => [['holds' => ['amount' => 5, 'unit' => 'L'], 'count' => $of, 'dryness' => 'dryish']], 'unit' => 'L'])],
    'the length of a bed' => ['/beds/0/length', 1000, 1001, static fn(float $of): Answer => Notebook::post('/api/need', ['beds' => [['length' => $of, 'width' => 1, 'depth' => 10, 'measuredIn' => 'm', 'dryness' => 'dryish']], 'unit' => 'L'])],
    'the width of a bed' => ['/beds/0/width', 1000, 1001, static fn(float $of): Answer => Notebook::post('/api/need', ['beds' => [['length' => 1, 'width' => $of, 'depth' => 10, 'measuredIn' => 'm', 'dryness' => 'dryish']], 'unit' => 'L'])],
    'the depth of a bed' => ['/beds/0/depth', 100, 101, static fn(float $of): Answer => Notebook::post('/api/need', ['beds' => [['length' => 1, 'width' => 1, 'depth' => $of, 'measuredIn' => 'm', 'dryness' => 'dryish']], 'unit' => 'L'])],
    'the water mark of a sprayer' => ['/pours/0/mm', 2000, 2001, static fn(float $of): Answer => Notebook::change('/api/sprayers/' . Notebook::sent('/api/sprayers', ['name' => 'Can', 'holds' => ['amount' => 2, 'unit' => 'L']])->id(), ['pours' => [['mL' => 1000, 'mm' => $of]]])],
    'no more poured than it holds' => ['/pours/0/mL', 2000, 2001, static fn(float $of): Answer => Notebook::change('/api/sprayers/' . Notebook::sent('/api/sprayers', ['name' => 'Can', 'holds' => ['amount' => 2, 'unit' => 'L']])->id(), ['pours' => [['mL' => $of, 'mm' => 80]]])],
    'no more filled than it holds' => ['/largestFill/amount', 2000, 2001, static fn(float $of): Answer => Notebook::change('/api/sprayers/' . Notebook::sent('/api/sprayers', ['name' => 'Can', 'holds' => ['amount' => 2, 'unit' => 'L']])->id(), ['largestFill' => ['amount' => $of, 'unit' => 'mL'], 'pours' => []])],
    'half of it stays in' => ['/leftBehind/amount', 1000, 1001, static fn(float $of): Answer => Notebook::change('/api/sprayers/' . Notebook::sent('/api/sprayers', ['name' => 'Can', 'holds' => ['amount' => 2, 'unit' => 'L']])->id(), ['leftBehind' => ['amount' => $of, 'unit' => 'mL'], 'pours' => []])],
    'half of what is filled' => ['/leftBehind/amount', 900, 901, static fn(float $of): Answer => Notebook::change('/api/sprayers/' . Notebook::sent('/api/sprayers', ['name' => 'Can', 'holds' => ['amount' => 2, 'unit' => 'L']])->id(), ['largestFill' => ['amount' => 1.8, 'unit' => 'L'], 'leftBehind' => ['amount' => $of, 'unit' => 'mL'], 'pours' => []])],
    'spoons that were counted' => ['/count', 1000, 1001, static fn(float $of): Answer => Notebook::change('/api/measures/' . Notebook::sent('/api/measures', ['name' => 'Spoon', 'holds' => ['amount' => 5, 'unit' => 'mL']])->id() . '/calibrated', ['count' => $of, 'came' => ['amount' => 5, 'unit' => 'L']])],
    'what is poured by eye' => ['/byEye/squirt', 1000, 1001, static fn(float $of): Answer => Notebook::change('/api/household', ['kitchen' => 'us', 'byEye' => ['squirt' => $of]])],
    'a burn, all of the leaf' => ['/share', 100, 100.1, static function (float $of): Answer {
        $case = Notebook::case(Notebook::plant());
        $round = Notebook::sent("/api/cases/{$case}/rounds", ['batchId' => Notebook::mixed($case), 'override' => 'Urgent'])->id('saved.id');

        return Notebook::sent("/api/rounds/{$round}/burns", ['share' => $of]);
    }],
    'the hardness of water where a spray is chosen' => ['/hardnessMgL', 2000, 2001, static fn(float $of): Answer => Notebook::post('/api/cases/' . Notebook::case(Notebook::plant()) . '/choice', ['stage' => 'any', 'severity' => 'light', 'hardnessMgL' => $of])],
    'the largest spoon that is filled' => ['/came/amount', 20, 20.001, static fn(float $of): Answer => Notebook::change('/api/measures/' . Notebook::sent('/api/measures', ['name' => 'Spoon', 'holds' => ['amount' => 5, 'unit' => 'mL']])->id() . '/calibrated', ['count' => 1, 'came' => ['amount' => $of, 'unit' => 'L']])],
    'rows that are left out' => ['/from', 1_000_000, 1_000_001, static fn(float $of): Answer => Notebook::get('/api/cases?from=' . (int) $of)],
    'leaves that an eye was tried on' => ['/seed', 999_999_999, 1_000_000_000, static fn(float $of): Answer => Notebook::sent('/api/eye', ['shape' => 'oval', 'seed' => $of, 'guesses' => range(1, 10)])],
]);

it('takes lists up to so many', function (string $at, int $most, Closure $send): void {
    /** @var Closure(int): Answer $send */
    expect(turnedAway($send($most + 1), $at))->toBe("422 {$at}")
        ->and(turnedAway($send($most), $at))->toBe('');
})->with([
    'rows of plants' => ['/plants', 20, static fn(int $n): Answer => Notebook::post('/api/need', ['plants' => array_fill(0, $n, ['size' => 'pot', 'count' => 1]), 'unit' => 'L'])],
    'rows of beds' => ['/beds', 20, static fn(int $n): Answer => Notebook::post('/api/need', ['beds' => array_fill(0, $n, ['length' => 1, 'width' => 1, 'depth' => 10, 'measuredIn' => 'm', 'dryness' => 'dryish']), 'unit' => 'L'])],
    'what is left' => ['/left', 40, static fn(int $n): Answer => Notebook::post('/api/reach', ['request' => ['recipe' => 'mild-neem', 'make' => ['amount' => 1, 'unit' => 'L']], 'left' => array_fill(0, $n, '40 ml neem')])],
    'pours into a sprayer' => ['/pours', 40, static fn(int $n): Answer => Notebook::change('/api/sprayers/' . Notebook::sent('/api/sprayers', ['name' => 'Can', 'holds' => ['amount' => 2, 'unit' => 'L']])->id(), ['pours' => array_map(static fn(int $i): array => ['mL' => 10 * $i, 'mm' => $i], range(1, $n))])],
]);

it('keeps a sprayer of a size that there is when it is changed, too', function (): void {
    $can = Notebook::sent('/api/sprayers', ['name' => 'Can', 'holds' => ['amount' => 2, 'unit' => 'L']])->id();
    $holds = static fn(float $ml): Answer => Notebook::change("/api/sprayers/{$can}", ['holds' => ['amount' => $ml, 'unit' => 'mL'], 'pours' => []]);
    expect(turnedAway($holds(9.9), '/holds/amount'))->toBe('422 /holds/amount')->and(turnedAway($holds(10), '/holds/amount'))->toBe('');
});

it('takes the least of what counts from nothing', function (): void {
    $eye = static fn(int $seed): Answer => Notebook::sent('/api/eye', ['shape' => 'oval', 'seed' => $seed, 'guesses' => range(1, 10)]);
    expect(turnedAway($eye(0), '/seed'))->toBe('')->and(turnedAway($eye(-1), '/seed'))->toBe('422 /seed');
    // A thousand drops in a millilitre are the finest that there is.
    $drop = static fn(float $came): Answer => Notebook::change('/api/measures/' . Notebook::sent('/api/measures', ['name' => 'Drop', 'holds' => ['amount' => 1, 'unit' => 'mL']])->id() . '/calibrated', ['count' => 1000, 'came' => ['amount' => $came, 'unit' => 'mL']]);
    expect(turnedAway($drop(1), '/came/amount'))->toBe('')->and(turnedAway($drop(0.99), '/came/amount'))->toContain('422 /came/amount');
});

it('takes a leaf test from the minute before its batch was mixed on', function (): void {
    $batch = Notebook::mixed();
    $sprayed = static fn(string $at): Answer => Notebook::sent('/api/leaf-tests', ['batchId' => $batch, 'plantId' => Notebook::plant(), 'leaves' => 2, 'appliedAt' => $at]);
    expect(turnedAway($sprayed('2026-06-01T17:58:59Z'), '/batchId'))->toBe('422 /batchId')->and(turnedAway($sprayed('2026-06-01T17:59:00Z'), '/batchId'))->toBe('');
});

it('takes notes of four thousand letters with a plant of another notebook', function (): void {
    $log = static fn(int $letters): Symfony\Component\HttpFoundation\Response => Intake::of('/api/log.json', json_encode(['format' => 'idle-mixer/log', 'version' => 1, 'plants' => [['id' => '10000000-0000-4000-8000-000000000009', 'name' => 'Aster', 'tolerance' => 'ordinary-leaf', 'kind' => '', 'indoors' => false, 'place' => '', 'notes' => str_repeat('n', $letters)]]], JSON_THROW_ON_ERROR));
    expect($log(4001)->getStatusCode())->toBe(422)->and(Intake::told($log(4001))['error'] ?? null)->toMatchArray(['path' => '/plants/0/notes'])
        ->and($log(4000)->getStatusCode())->toBe(200);
});

it('takes sixteen questions in one call', function (): void {
    $call = static fn(int $n): Answer => Notebook::get('/api/several?' . implode('&', array_map(static fn(int $i): string => "get[]=/api/cases%3Ffrom%3D{$i}", range(1, $n))));
    expect($call(16)->status)->toBe(200)->and($call(17)->status)->toBe(422)->and($call(17)->text('error.message'))->toBe('From 1 to 16 addresses are needed, each as get[]=; found 17.');
});

it('keeps a picture of a plant up to 1600 px either way', function (int $wide, int $high, int $status): void {
    $image = imagecreatetruecolor(max(1, $wide), max(1, $high));
    ob_start();
    imagejpeg($image, quality: 10);
    $put = Notebook::put('/api/plants/' . Notebook::plant() . '/picture', ['picture' => base64_encode((string) ob_get_clean())]);
    expect($put->status)->toBe($status)->and(str_contains($put->text, '1600 px'))->toBe($status === 422);
})->with([[1600, 10, 200], [1601, 10, 422], [10, 1600, 200], [10, 1601, 422]]);

it('shows so many of a list, and tells that there is more', function (): void {
    for ($i = 1; $i <= 21; ++$i) {
        Notebook::case(Notebook::plant("Aster {$i}"));
    }
    $first = Notebook::get('/api/cases');
    expect($first->list('cases'))->toHaveCount(20)->and($first->at('more'))->toBeTrue()
        ->and(Notebook::get('/api/cases?from=20')->list('cases'))->toHaveCount(1)->and(Notebook::get('/api/cases?from=20')->at('more'))->toBeFalse()
        ->and(Notebook::get('/api/cases?from=1')->at('more'))->toBeFalse();
    $today = Notebook::get('/api/today');
    expect($today->list('tasks'))->toHaveCount(16);
});

it('offers a case the twelve batches made last', function (): void {
    $made = array_map(static fn(): int => Notebook::mixed(), range(1, 13));
    $offered = array_map(static fn(array $batch): mixed => $batch['id'] ?? null, array_filter(Notebook::get('/api/cases/' . Notebook::case(Notebook::plant()))->list('batches'), is_array(...)));
    expect($offered)->toBe(array_slice(array_reverse($made), 0, 12));
});

it('tells fifty people, by name', function (): void {
    foreach (range(1, 51) as $i) {
        Notebook::$who = sprintf('Person %02d', 52 - $i);
        Notebook::plant();
    }
    Notebook::$who = null;
    expect(Notebook::get('/api/people')->list('people'))->toBe(array_map(static fn(int $i): string => sprintf('Person %02d', $i), range(1, 50)));
});

it('walks through a bed of a hundred plants at most', function (): void {
    $case = Notebook::case(Notebook::plant());
    $walk = ['batchId' => Notebook::mixed($case), 'override' => 'All of them'];
    expect(turnedAway(Notebook::sent('/api/runs', [...$walk, 'caseIds' => array_fill(0, 101, $case)]), '/caseIds'))->toBe('422 /caseIds')
        // A hundred are read: what is wrong with these is that all are one.
        ->and(Notebook::sent('/api/runs', [...$walk, 'caseIds' => array_fill(0, 100, $case)])->text('error.path'))->toBe('/caseIds/1');
});

it('says how many belong into a list', function (): void {
    $eye = static fn(int $n): Answer => Notebook::sent('/api/eye', ['shape' => 'oval', 'seed' => 1, 'guesses' => array_fill(0, $n, 5)]);
    $rows = static fn(int $n): string => Notebook::post('/api/need', ['plants' => array_fill(0, $n, ['size' => 'pot', 'count' => 1]), 'unit' => 'L'])->text('error.message');
    $left = static fn(int $n): string => Notebook::post('/api/reach', ['request' => ['recipe' => 'mild-neem', 'make' => ['amount' => 1, 'unit' => 'L']], 'left' => array_fill(0, $n, '40 ml neem')])->text('error.message');
    expect($eye(9)->text('error.message'))->toBe('Just 10 leaves may stand here, found 9.')
        ->and($eye(11)->text('error.message'))->toBe('Just 10 leaves may stand here, found 11.')
        ->and($eye(10)->status)->toBe(201)
        ->and($rows(21))->toBe('At most 20 plants may stand here, found 21.')
        ->and($left(0))->toBe('Between 1 and 40 lines may stand here, found 0.')
        ->and($left(41))->toBe('Between 1 and 40 lines may stand here, found 41.');
});

it('takes sprayers and measures of a size that there is', function (string $path, float $least, float $most, string $says): void {
    $of = static fn(float $ml): Answer => Notebook::sent($path, ['name' => 'A', 'holds' => ['amount' => $ml, 'unit' => 'mL']]);
    foreach ([$least * 0.99, $most * 1.01] as $beyond) {
        expect(turnedAway($of($beyond), '/holds/amount'))->toBe('422 /holds/amount')->and($of($beyond)->text('error.message'))->toContain($says);
    }
    expect(turnedAway($of($least), '/holds/amount'))->toBe('')->and(turnedAway($of($most), '/holds/amount'))->toBe('');
})->with([
    'a sprayer' => ['/api/sprayers', 10, 10_000_000, '10 mL to 10,000 L'],
    'a measure' => ['/api/measures', 0.001, 20_000, '0.001 to 20,000 mL'],
]);
