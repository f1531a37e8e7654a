<?php

declare(strict_types=1);

use Tests\Feature\Notebook;

const NEEM_LITRE = ['recipe' => 'neem-leaf-quart', 'make' => ['amount' => 1, 'unit' => 'L']];

it('takes the day along with a plan', function (): void {
    $codes = static fn(string $query): array => array_map(
        static fn(mixed $verdict): string => is_array($verdict) && is_string($verdict['code']) && is_string($verdict['level']) ? "{$verdict['code']} {$verdict['level']}" : '',
        Notebook::post("/api/plan{$query}", NEEM_LITRE)->list('verdicts'),
    );

    expect($codes('?celsius=35&inFlower=true&pickedInDays=2&everyDays=1'))->toContain('temperature stop', 'in-flower stop', 'picked-soon caution', 'repeated stop')
        ->and($codes(''))->not->toContain('temperature stop');
});

it('says what is wrong with what is said of the day', function (string $query, string $path): void {
    $answer = Notebook::post("/api/plan?{$query}", NEEM_LITRE);
    expect($answer->status)->toBe(422)->and($answer->text('error.path'))->toBe($path);
})->with([
    ['celsius=900', '/celsius'], ['celsius=warm', '/celsius'], ['everyDays=0', '/everyDays'], ['everyDays=1e300', '/everyDays'],
    ['inFlower=perhaps', '/inFlower'], ['season=monsoon', '/season'], ['pickedInDays=-1', '/pickedInDays'],
]);

it('keeps with a batch what was said of the day', function (): void {
    $batch = Notebook::post('/api/batches', ['submission' => Notebook::submission(), 'request' => NEEM_LITRE, 'circumstances' => ['celsius' => 35]]);
    expect($batch->text('plan.verdicts.2.code') . $batch->text('plan.verdicts.2.level'))->toBe('temperaturestop');
});

it('says of a plant whether it is in flower, and when it is picked', function (): void {
    $today = gmdate('Y-m-d');
    $plant = Notebook::post('/api/plants', ['submission' => Notebook::submission(), 'name' => 'Bean', 'tolerance' => 'ordinary-leaf', 'bloomFrom' => $today, 'harvestOn' => gmdate('Y-m-d', time() + 86400 * 9)]);
    expect($plant->at('inFlower'))->toBeTrue()->and($plant->number('pickedInDays'))->toBe(9.0);
});
