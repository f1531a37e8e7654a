<?php

declare(strict_types=1);

use Tests\Feature\Answer;
use Tests\Feature\Notebook;

/** @param array<string, mixed> $slip */
function slipped(array $slip, float $room = 2.0, string $recipe = 'neem-by-the-gallon'): Answer
{
    return Notebook::post('/api/way-out', [
        'request' => ['recipe' => $recipe, 'make' => ['amount' => 1, 'unit' => '[gal_us]'], 'plant' => 'ordinary-leaf'],
        'load' => 1,
        'slips' => [$slip],
        'room' => ['amount' => $room, 'unit' => '[gal_us]'],
    ]);
}

it('gives the range, the verdict at both ends, and ways out in words', function (): void {
    $answer = slipped(['kind' => 'count', 'item' => 'neem-oil', 'scoop' => 0, 'from' => 2, 'to' => 8]);

    expect($answer->at('sure'))->toBeFalse()
        ->and($answer->list('weakest.strength'))->toBe(['0.78 % oil'])
        ->and($answer->list('strongest.strength'))->toBe(['3.1 % oil'])
        ->and($answer->text('weakest.verdicts.0.level'))->toBe('ok')
        ->and($answer->text('strongest.verdicts.0.level'))->toBe('stop')
        ->and($answer->text('remedies.0.kind'))->toBe('pour-off')
        ->and($answer->text('remedies.0.text'))->toContain('pour about 10½ cups (2.5 L) off into a labelled can', 'add about 10½ cups (2.5 L) of water', 'more than half of it');
});

it('knows for sure what a wrong spoon made', function (): void {
    $answer = slipped(['kind' => 'measure', 'item' => 'neem-oil', 'scoop' => 0, 'measure' => ['amount' => 1, 'unit' => '[cup_us]']], 1.0);

    expect($answer->at('sure'))->toBeTrue()->and($answer->text('strongest.verdicts.0.level'))->toBe('stop')
        ->and(array_map(static fn(mixed $one): mixed => is_array($one) ? $one['kind'] : null, $answer->list('remedies')))->toBe(['pour-off', 'discard']);
});

it('says what is wrong with a slip', function (): void {
    expect(slipped(['kind' => 'count', 'item' => 'lemonade', 'scoop' => 0, 'from' => 2, 'to' => 8])->text('error.path'))->toBe('/slips/0/item')
        ->and(slipped(['kind' => 'spilt'])->status)->toBe(422)
        ->and(Notebook::post('/api/way-out', ['request' => ['recipe' => 'neem-by-the-gallon', 'make' => ['amount' => 1, 'unit' => 'L']], 'load' => 2, 'slips' => []])->text('error.path'))->toBe('/load');
});

it('keeps with a batch what went wrong and what was done, and reckons with it', function (): void {
    $batch = Notebook::batch(['recipe' => 'neem-by-the-gallon', 'make' => ['amount' => 1, 'unit' => '[gal_us]'], 'sprayer' => ['amount' => 1, 'unit' => '[gal_us]']]);
    $slips = [['kind' => 'count', 'item' => 'neem-oil', 'scoop' => 0, 'from' => 5, 'to' => 8]];
    $asked = Notebook::post("/api/batches/{$batch->id()}/loads/1/way-out", ['slips' => $slips]);
    expect($asked->text('remedies.0.kind'))->toBe('pour-off')
        ->and(Notebook::change("/api/batches/{$batch->id()}/loads/1/slip", ['slips' => $slips, 'remedy' => 'as-it-is'])->text('error.path'))->toBe('/remedy')
        ->and(Notebook::change("/api/batches/{$batch->id()}/loads/2/slip", ['slips' => $slips, 'remedy' => 'pour-off'])->text('error.path'))->toBe('/load');

    $kept = Notebook::change("/api/batches/{$batch->id()}/loads/1/slip", ['slips' => $slips, 'remedy' => 'pour-off']);
    expect($kept->text('slips.0.words'))->toBe('Pour off and top up');

    $made = Notebook::post("/api/batches/{$batch->id()}/finish", ['standTest' => 'even']);
    // 5 to 8 tbsp in 256 are 1.95 to 3.13 %; 2.46 L of 3.79 must go for the 1.1 % of neem that an ordinary leaf bears, poured off as 2.5: 34 % is left.
    expect($made->at('actual.sure'))->toBeFalse()
        ->and($made->list('actual.spoken'))->toBe(['0.66 to 1.1 % oil'])
        ->and($made->number('actual.strength.oil_percent_vv'))->toBeLessThan(2.0)
        ->and(Notebook::change("/api/batches/{$batch->id()}/loads/1/slip", ['slips' => $slips, 'remedy' => 'pour-off'])->status)->toBe(409);
});

it('throws away what cannot be saved', function (): void {
    $batch = Notebook::batch(['recipe' => 'neem-by-the-gallon', 'make' => ['amount' => 1, 'unit' => '[gal_us]']]);
    $kept = Notebook::change("/api/batches/{$batch->id()}/loads/1/slip", ['slips' => [['kind' => 'left-out', 'item' => 'neem-oil']], 'remedy' => 'discard']);
    expect($kept->text('bottle.end'))->toBe('poured-off');
});
