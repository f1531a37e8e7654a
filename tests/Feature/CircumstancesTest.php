<?php

declare(strict_types=1);

use Tests\Feature\Notebook;

const NEEM_LITRE = ['recipe' => 'neem-leaf-quart', 'make' => ['amount' => 1, 'unit' => 'L']];

it('takes the day along with a plan', function (): void {
    $codes = static fn(array $said, array $beside): array => array_map(
        static fn(mixed $verdict): string => is_array($verdict) && is_string($verdict['code']) && is_string($verdict['level']) ? "{$verdict['code']} {$verdict['level']}" : '',
        Notebook::post('/api/bench', json_encode(['request' => [...NEEM_LITRE, 'circumstances' => (object) $said], ...$beside], \JSON_THROW_ON_ERROR))->list('plan.verdicts'),
    );

    expect($codes(['celsius' => 35, 'inFlower' => true, 'everyDays' => 1], ['pickedInDays' => 0]))->toContain('temperature stop', 'in-flower stop', 'picked-soon caution', 'repeated stop')
        ->and($codes([], []))->not->toContain('temperature stop');
});

it('says what is wrong with what is said of the day', function (string $key, mixed $value): void {
    $answer = Notebook::post('/api/plan', [...NEEM_LITRE, 'circumstances' => [$key => $value]]);
    expect($answer->status)->toBe(422)->and($answer->text('error.path'))->toBe("/circumstances/{$key}");
})->with([
    ['celsius', 900], ['celsius', 'warm'], ['everyDays', 0], ['everyDays', 1e300], ['inFlower', 'perhaps'], ['season', 'monsoon'], ['rinsed', 1], ['moon', 'full'],
]);

it('keeps with a batch what was said of the day', function (): void {
    $batch = Notebook::batch([...NEEM_LITRE, 'circumstances' => ['celsius' => 35, 'season' => 'growing']]);
    expect($batch->text('plan.verdicts.2.code') . $batch->text('plan.verdicts.2.level'))->toBe('temperaturestop')->and($batch->text('season'))->toBe('growing')
        ->and(Notebook::batch()->text('season'))->toBe('unknown');
});

it('says of a plant whether it is in flower, and when it is picked', function (): void {
    $today = gmdate('Y-m-d');
    $plant = Notebook::post('/api/plants', ['submission' => Notebook::submission(), 'name' => 'Bean', 'tolerance' => 'ordinary-leaf', 'bloomFrom' => $today, 'harvestOn' => gmdate('Y-m-d', time() + 86400 * 9)]);
    expect($plant->at('inFlower'))->toBeTrue()->and($plant->number('pickedInDays'))->toBe(9.0);
});
