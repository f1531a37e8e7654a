<?php

declare(strict_types=1);

use App\Devices\SimulatedStrip;
use App\Devices\SimulatedThermometer;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use Tests\Feature\Notebook;

/** @param array<string, mixed> $more */
function stand(int $batch, string $result, array $more = []): Tests\Feature\Answer
{
    return Notebook::post("/api/batches/{$batch}/stand-tests", ['submission' => Notebook::submission(), 'result' => $result, ...$more]);
}

it('answers a failed glass with what to do, three times, and then gives up', function (): void {
    $batch = Notebook::batch(['water' => ['hardness' => ['amount' => 300, 'unit' => 'mg/L']]])->id();
    expect(stand($batch, 'ring', ['seconds' => 40])->text('standTests.0.code'))->toBe('more-soap')
        ->and(stand($batch, 'scum')->text('standTests.1.code'))->toBe('change-water');
    $third = stand($batch, 'layer');
    expect($third->text('standTests.2.code'))->toBe('give-up')->and($third->text('standTests.2.advice'))->toContain('do not spray it on leaves')
        ->and($third->text('standTest'))->toBe('layer');
    $advice = $third->text('standTests.0.advice');
    // What hardness still takes of castile is in the amount: 1 qt at 300 mg/L wants more than the 2.5 mL that went in.
    expect((float) preg_replace('/.*\(([\d.]+) mL\).*/', '$1', $advice))->toBeGreaterThan(2.5);
});

/**
 * @param array<array-key, mixed> $lines
 *
 * @return list<mixed> with that line in the place of the one of the same thing
 */
function withLine(array $lines, mixed $more): array
{
    assert(is_array($more));
    foreach ($lines as $i => $line) {
        if (is_array($line) && ($line['ingredient'] ?? '') === $more['ingredient']) {
            $lines[$i] = $more;

            return array_values($lines);
        }
    }

    return [...array_values($lines), $more];
}

it('keeps a glass that was said twice once, and refuses nonsense', function (): void {
    $batch = Notebook::batch()->id();
    $body = ['submission' => Notebook::submission(), 'result' => 'even'];
    Notebook::post("/api/batches/{$batch}/stand-tests", $body);
    expect(Notebook::post("/api/batches/{$batch}/stand-tests", $body)->list('standTests'))->toHaveCount(1)
        ->and(stand($batch, 'not-done')->text('error.path'))->toBe('/result')
        ->and(stand($batch, 'ring', ['seconds' => 0])->text('error.path'))->toBe('/seconds')
        ->and(stand($batch, 'ring', ['seconds' => 1e300])->text('error.path'))->toBe('/seconds')
        ->and(stand($batch, 'ring', ['heightMm' => -1])->text('error.path'))->toBe('/heightMm')
        ->and(Notebook::post('/api/batches/999/stand-tests', $body)->status)->toBe(404);
});

it('learns the hand from two glasses, and reckons with it from then on', function (): void {
    $batch = Notebook::batch(['water' => ['hardness' => ['amount' => 10, 'unit' => 'mg/L']]])->id();
    stand($batch, 'ring', ['seconds' => 10]);
    expect(Notebook::get('/api/hand')->number('coarseness'))->toBe(1.0)->and(Notebook::get('/api/hand')->number('readings'))->toBe(1.0);
    stand($batch, 'beads', ['seconds' => 10]);
    $hand = Notebook::get('/api/hand')->number('coarseness');
    expect($hand)->toBeGreaterThan(1.0);

    $request = ['recipe' => 'neem-leaf-quart', 'make' => ['amount' => 1, 'unit' => 'L']];
    $usual = Notebook::post('/api/plan', $request)->number('emulsion.reshake_seconds');
    $own = Notebook::post('/api/bench', ['request' => $request, 'hand' => $hand])->number('plan.emulsion.reshake_seconds');
    // Speed goes with the square of the diameter.
    expect($usual / $own)->toEqualWithDelta($hand ** 2, 1e-6 * $hand ** 2)
        ->and(Notebook::post('/api/bench', ['request' => $request, 'hand' => 0])->text('error.path'))->toBe('/hand')
        ->and(Notebook::post('/api/bench', ['request' => $request, 'hand' => 'lots'])->status)->toBe(422)
        ->and(Notebook::post('/api/bench', ['request' => $request, 'agitation' => 'whisk'])->number('plan.emulsion.reshake_seconds') / $usual)->toEqualWithDelta(4.0, 1e-6)
        ->and(Notebook::post('/api/bench', ['request' => $request, 'agitation' => 'prayer'])->text('error.path'))->toBe('/agitation');
});

it('reads the simulated strip as coarsely as a strip, and the thermometer to half a degree', function (): void {
    $water = Notebook::get('/api/devices/water');
    expect($water->at('simulated'))->toBeTrue()->and($water->number('hardnessMgL'))->toBe(250.0)->and($water->number('celsius'))->toBe(14.0)
        ->and((new SimulatedStrip(60.0))->read())->toBe(50.0)
        ->and((new SimulatedThermometer(20.3))->read())->toBe(20.5);
});

it('has an emulsion block for every shipped recipe, and the one remedy it names does help', function (string $slug): void {
    foreach ([10, 120, 400] as $hardness) {
        $request = ['recipe' => $slug, 'make' => ['amount' => 5, 'unit' => 'L'], 'water' => ['hardness' => ['amount' => $hardness, 'unit' => 'mg/L'], 'temperature' => ['amount' => 20, 'unit' => 'Cel']]];
        $plan = Notebook::post('/api/plan', $request);
        $verdict = $plan->text('emulsion.verdict');
        $remedy = $plan->at('emulsion.remedy');
        expect($remedy === null)->toBe($verdict !== 'short', $verdict);
        if ($remedy === null) {
            continue;
        }
        $document = Notebook::get("/api/recipes/{$slug}")->at('document');
        assert(is_array($document) && is_array($document['lines']));
        $mended = match ($plan->text('emulsion.remedy.kind')) {
            'more' => [...$request, 'recipe' => [...$document, 'lines' => withLine($document['lines'], $plan->at('emulsion.remedy.line'))]],
            'soft-water' => [...$request, 'water' => ['hardness' => ['amount' => 0, 'unit' => 'mg/L'], 'temperature' => ['amount' => 20, 'unit' => 'Cel']]],
            'emulsifier-first' => [...$request, 'recipe' => [...$document, 'order' => 'emulsifier-first']],
            default => null,
        };
        if ($mended !== null) {
            expect(Notebook::post('/api/plan', $mended)->text('emulsion.verdict'))->toBe('enough', "{$slug} at {$hardness} mg/L");
        }
    }
})->with(RecipeCatalogue::shipped()->slugs());
