<?php

declare(strict_types=1);

use Illuminate\Support\Facades\DB;
use Tests\Feature\Answer;
use Tests\Feature\Mutations;
use Tests\Feature\Notebook;

const LITRE = ['amount' => 1, 'unit' => 'L'];
const OWN_RECIPE = [
    'format' => 'idle-mixer/recipe', 'version' => 1, 'slug' => 'tub-neem', 'name' => 'Tub neem', 'use' => 'foliar', 'order' => 'emulsifier-first',
    'basis' => ['amount' => 1, 'unit' => 'L', 'of' => 'water'],
    'lines' => [['ingredient' => 'neem-oil', 'amount' => 5, 'unit' => 'mL', 'upTo' => 8], ['ingredient' => 'isopropyl-alcohol', 'amount' => 5, 'unit' => 'mL', 'strength' => 91]],
    'notes' => 'n',
];

/** @return array<string, int> rows by table */
function rowsKept(): array
{
    $rows = [];
    foreach (['plants', 'sprayers', 'measures', 'recipes', 'recipe_versions', 'cases', 'batches', 'batch_items', 'counts', 'rounds', 'leaf_tests', 'leaf_readings', 'stand_tests'] as $table) {
        $rows[$table] = DB::table($table)->count();
    }

    return $rows;
}

/** @param array<string, mixed> $body */
function sentAs(string $method, string $path, array $body): Answer
{
    return $method === 'put' ? Notebook::change($path, $body) : Notebook::post($path, $body === [] ? '{}' : $body);
}

/**
 * Sends every mutation of a body and says which answers were not fit: broken, mute, about something else, or half kept.
 *
 * @param array<string, mixed> $body
 *
 * @return list<string>
 */
function unfit(string $method, string $path, array $body): array
{
    $unfit = [];
    foreach (Mutations::of($body) as $done => [$at, $mutated]) {
        $before = rowsKept();
        // Every answer is held against the API document as it comes in, which knows of no 500.
        $answer = sentAs($method, $path, $mutated);
        if ($answer->status < 400) {
            array_push($unfit, ...(Mutations::isFine($done) ? [] : ["{$done}: was taken"]));

            continue;
        }
        $message = $answer->text('error.message');
        if ($answer->status >= 500 || $message === '' || preg_match('/Exception|vendor|SQL|Stack/', $message) === 1) {
            $unfit[] = "{$done}: {$answer->status} {$message}";
        }
        if ($answer->status === 422 && ! Mutations::speaksOf($answer->text('error.path'), $message, $done, $at)) {
            $unfit[] = "{$done}: speaks of {$answer->text('error.path')}: {$message}";
        }
        if (rowsKept() !== $before) {
            $unfit[] = "{$done}: was refused and kept all the same";
        }
    }
    // What is wrong was the one thing only: without it the body is taken, or what it says is saved already.
    $whole = sentAs($method, $path, $body);
    if ($whole->status >= 300 && $whole->status !== 409) {
        $unfit[] = "the body itself: {$whole->status} {$whole->text('error.message')}";
    }

    return $unfit;
}

it('answers whatever is sent with what is wrong, where, and keeps nothing', function (string $method, string $path, array $body): void {
    Notebook::change('/api/household', ['kitchen' => 'us', 'byEye' => (object) []]);
    /** @var array<string, mixed> $body */
    expect(implode("\n", unfit($method, $path, $body)))->toBe('');
})->with([
    'a plan' => ['post', '/api/plan', ['recipe' => OWN_RECIPE, 'make' => LITRE, 'sprayer' => LITRE, 'highEnd' => true, 'factor' => 0.5, 'measures' => [['amount' => 5, 'unit' => 'mL']], 'water' => ['hardness' => ['amount' => 120, 'unit' => 'mg/L'], 'temperature' => ['amount' => 35, 'unit' => 'Cel']], 'plant' => 'tender-leaf', 'circumstances' => ['celsius' => 20, 'season' => 'growing', 'inFlower' => false, 'everyDays' => 7, 'rinsed' => false]]],
    'a bench' => ['post', '/api/bench', ['request' => ['recipe' => OWN_RECIPE, 'make' => LITRE], 'measures' => [['amount' => 5, 'unit' => 'mL', 'name' => 'blue spoon']], 'scale' => 1, 'hand' => 1.5, 'agitation' => 'whisk', 'pickedInDays' => 9]],
    'a recipe' => ['post', '/api/recipes', OWN_RECIPE],
    'a comparison' => ['post', '/api/compare', ['recipes' => ['mild-soap', OWN_RECIPE], 'make' => LITRE]],
    'typed lines' => ['post', '/api/compose', ['name' => 'Mine', 'slug' => null, 'use' => 'foliar', 'order' => 'blender', 'notes' => '', 'lines' => ['1 l water', '5 ml neem']]],
    'a sum' => ['post', '/api/sums', ['line' => '2 tbsp neem', 'make' => LITRE, 'of' => 'water']],
    'an amount' => ['post', '/api/amount', ['said' => 'half a bottle', 'whole' => LITRE, 'weight' => false, 'unit' => 'mL']],
    'a need by plants' => ['post', '/api/need', ['plants' => [['size' => 'pot', 'count' => 3]], 'leftBehind' => ['amount' => 40, 'unit' => 'mL'], 'sprayer' => LITRE, 'unit' => 'L']],
    'a need by beds and pots' => ['post', '/api/need', ['beds' => [['length' => 2, 'width' => 1, 'depth' => 10, 'measuredIn' => 'm', 'dryness' => 'dryish']], 'pots' => [['holds' => ['amount' => 5, 'unit' => 'L'], 'count' => 2, 'dryness' => 'dryish']], 'unit' => 'L']],
    'a need by what it took' => ['post', '/api/need', ['trial' => ['used' => LITRE, 'plants' => 2, 'now' => 3], 'unit' => 'L']],
    'what is left' => ['post', '/api/reach', ['request' => ['recipe' => 'mild-neem', 'make' => LITRE], 'left' => ['40 ml neem']]],
    'a slip' => ['post', '/api/way-out', ['request' => ['recipe' => 'neem-by-the-gallon', 'make' => ['amount' => 1, 'unit' => '[gal_us]']], 'load' => 1, 'slips' => [['kind' => 'count', 'item' => 'neem-oil', 'scoop' => 0, 'from' => 2, 'to' => 4]], 'room' => ['amount' => 2, 'unit' => '[gal_us]']]],
    'a wrong spoon' => ['post', '/api/way-out', ['request' => ['recipe' => 'neem-by-the-gallon', 'make' => LITRE], 'load' => 1, 'slips' => [['kind' => 'measure', 'item' => 'neem-oil', 'scoop' => 0, 'measure' => LITRE], ['kind' => 'water', 'water' => LITRE]]]],
    'a household' => ['put', '/api/household', ['kitchen' => 'british', 'byEye' => ['squirt' => 3.5]]],
    'a plant' => ['post', '/api/plants', ['submission' => '10000000-0000-4000-8000-000000000001', 'name' => 'Zinnia', 'tolerance' => 'ordinary-leaf', 'place' => 'Porch', 'notes' => 'n', 'bearsNoOil' => true, 'indoors' => false, 'bloomFrom' => '2026-06-01', 'bloomUntil' => '2026-07-01', 'harvestOn' => '2026-08-01']],
    'a sprayer' => ['post', '/api/sprayers', ['submission' => '10000000-0000-4000-8000-000000000002', 'name' => 'Can', 'holds' => LITRE]],
    'a measure' => ['post', '/api/measures', ['submission' => '10000000-0000-4000-8000-000000000003', 'name' => 'Syringe', 'holds' => ['amount' => 20, 'unit' => 'mL'], 'kind' => 'marked', 'step' => 1]],
]);

it('answers the same of what is kept already', function (): void {
    $sprayer = Notebook::post('/api/sprayers', ['submission' => Notebook::submission(), 'name' => 'Can', 'holds' => ['amount' => 2, 'unit' => 'L']])->id();
    $spoon = Notebook::post('/api/measures', ['submission' => Notebook::submission(), 'name' => 'Spoon', 'holds' => ['amount' => 5, 'unit' => 'mL']])->id();
    $plant = Notebook::plant();
    $case = Notebook::case($plant);
    $batch = Notebook::batch(['recipe' => 'neem-by-the-gallon', 'make' => ['amount' => 1, 'unit' => '[gal_us]']])->id();
    $bodies = [
        ['put', "/api/sprayers/{$sprayer}", ['largestFill' => ['amount' => 1.8, 'unit' => 'L'], 'leftBehind' => ['amount' => 40, 'unit' => 'mL'], 'pours' => [['mL' => 500, 'mm' => 40], ['mL' => 1000, 'mm' => 80]]]],
        ['put', "/api/measures/{$spoon}/calibrated", ['count' => 10, 'came' => ['amount' => 47, 'unit' => 'g'], 'of' => 'neem-oil']],
        ['post', "/api/batches/{$batch}/loads/1/way-out", ['slips' => [['kind' => 'left-out', 'item' => 'neem-oil']]]],
        ['put', "/api/batches/{$batch}/loads/1/slip", ['slips' => [['kind' => 'left-out', 'item' => 'neem-oil']], 'remedy' => 'discard']],
        ['post', '/api/batches', ['submission' => '10000000-0000-4000-8000-000000000009', 'bench' => ['request' => ['recipe' => OWN_RECIPE, 'make' => LITRE], 'measures' => [['amount' => 5, 'unit' => 'mL', 'name' => 'blue spoon']], 'scale' => 1, 'hand' => 1.5, 'agitation' => 'whisk', 'pickedInDays' => 9], 'sprayerId' => $sprayer, 'plantId' => $plant, 'caseId' => $case]],
        ['post', '/api/cases', ['submission' => '10000000-0000-4000-8000-000000000010', 'plantId' => $plant, 'pest' => 'thrips', 'openedAt' => '2026-05-01T08:00:00Z', 'notes' => 'n']],
        ['post', "/api/cases/{$case}/counts", ['submission' => '10000000-0000-4000-8000-000000000011', 'value' => 12, 'countedAt' => '2026-11-01T08:00:00Z', 'untreated' => true]],
    ];
    foreach ($bodies as [$method, $path, $body]) {
        expect("{$path}\n" . implode("\n", unfit($method, $path, $body)))->toBe("{$path}\n");
    }
});
