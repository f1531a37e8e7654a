<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Date;
use Tests\Feature\Answer;
use Tests\Feature\Notebook;

beforeEach(function (): void {
    Date::setTestNow('2026-06-01T18:00:00Z');
});

/** @param array<string, mixed> $look */
function looked(int $case, array $look): Answer
{
    return Notebook::counted($case, $look);
}

it('says for each pest how to look, and keeps where one looks', function (): void {
    $case = Notebook::case(Notebook::plant());
    $answer = Notebook::get("/api/cases/{$case}");
    // Common practice, no source: the same tips each time, undersides, no cast skins.
    expect($answer->id('look.spots'))->toBe(10)->and($answer->text('look.spot'))->toBe('tip')->and($answer->text('look.where'))->toContain('white skins do not count')
        // Predatory mites eat no aphids, and nobody is asked for them.
        ->and(array_column($answer->list('look.enemies'), 'slug'))->toBe(['ladybirds', 'lacewings', 'hoverfly-grubs', 'mummies', 'spiders', 'others'])
        ->and($answer->text('look.compare'))->toContain('Leave one plant or branch unsprayed');
    $seen = looked($case, ['value' => 20, 'spots' => 'Thread on ten shoots, north side', 'newClean' => false, 'helpers' => ['mummies' => 2]]);
    expect($seen->text('look.own'))->toBe('Thread on ten shoots, north side')->and($seen->at('counts.0.newClean'))->toBeFalse()->and($seen->at('counts.0.helpers'))->toBe(['mummies' => 2])->and($seen->text('counts.0.helperWords'))->toBe('swollen brown aphids');
    // Wax does not go by itself: nothing is said of a comparison.
    expect(Notebook::get('/api/cases/' . Notebook::case(Notebook::plant('Hoya'), 'mealybugs'))->text('look.compare'))->toBe('');
});

it('adds up leaf by leaf, in numbers and classes, and stretches a look at fewer', function (array $each, float $value): void {
    /** @var list<int|string> $each */
    $case = Notebook::case(Notebook::plant());
    expect(looked($case, ['each' => $each])->number('counts.0.value'))->toEqualWithDelta($value, 0.05);
})->with([
    'numbers' => [[3, 0, 5, 2, 0, 0, 1, 4, 0, 5], 20.0],
    'five of ten stand for all' => [[2, 2, 2, 2, 2], 20.0],
    // Middles of the classes on the scale of logarithms, by hand: 5^½ = 2.24, 120^½ = 11, 2100^½ = 45.8; more than 100 is 150.
    'classes' => [['none', '1-5', '6-20', '21-100', '100+', 'none', 'none', 'none', 'none', 'none'], 209.04],
]);

it('keeps stages apart, and shares of mildew', function (): void {
    $case = Notebook::case(Notebook::plant(), 'mealybugs');
    $seen = looked($case, ['value' => 12, 'stages' => ['egg-sacs' => 2, 'crawlers' => 6]]);
    expect($seen->number('counts.0.stages.crawlers'))->toBe(6.0);
    $mildew = Notebook::case(Notebook::plant('Phlox'), 'powdery-mildew');
    expect(looked($mildew, ['each' => [30, 10, 0, 0, 0, 20, 5, 5, 0, 10]])->number('counts.0.value'))->toBe(80.0);
});

it('refuses what cannot be, and says why', function (string $pest, array $look, string $path, string $says): void {
    /** @var array<string, mixed> $look */
    $answer = looked(Notebook::case(Notebook::plant(), $pest), $look);
    expect($answer->status)->toBe(422)->and($answer->text('error.path'))->toBe($path)->and($answer->text('error.message'))->toContain($says);
})->with([
    'nothing' => ['aphids', [], '', 'value'],
    'both' => ['aphids', ['value' => 3, 'each' => [1, 2]], '/value', 'not both'],
    'a class that is none' => ['aphids', ['each' => ['a few']], '/each/0', 'a few'],
    'a negative leaf' => ['aphids', ['each' => [1, -2]], '/each/1', '-2'],
    'more than all of a leaf' => ['powdery-mildew', ['each' => [120]], '/each/0', '100'],
    'a class of percent' => ['powdery-mildew', ['each' => ['1-5']], '/each/0', ''],
    'a stage that nobody knows' => ['mealybugs', ['value' => 3, 'stages' => ['ghosts' => 1]], '/stages/ghosts', ''],
    'one more of all stages than there are' => ['mealybugs', ['value' => 10, 'stages' => ['adults' => 8, 'crawlers' => 3]], '/stages', '11 of 10'],
    'more stages than there are' => ['mealybugs', ['value' => 3, 'stages' => ['adults' => 4]], '/stages', 'more of all stages'],
    'too many leaves' => ['aphids', ['each' => array_fill(0, 101, 1)], '/each', ''],
    '1e300' => ['aphids', ['each' => [1e300]], '/each/0', ''],
]);

it('corrects a look leaf by leaf, and the verdict follows', function (): void {
    Date::setTestNow('2026-05-30T17:30:00Z');
    $case = Notebook::case(Notebook::plant());
    $before = looked($case, ['each' => [12, 12, 12, 12, 12, 12, 12, 12, 2, 2], 'countedAt' => '2026-05-30T17:00:00Z']);
    $batch = Notebook::mixed($case, ['recipe' => 'plain-soap', 'make' => ['amount' => 1, 'unit' => 'L']]);
    Date::setTestNow('2026-06-01T18:00:00Z');
    Notebook::post("/api/cases/{$case}/rounds", ['submission' => Notebook::submission(), 'batchId' => $batch, 'sprayedAt' => '2026-05-30T18:00:00Z', 'override' => 'It was urgent']);
    $after = looked($case, ['each' => [4, 4, 4, 4, 4, 4, 4, 4, 4, 4], 'countedAt' => '2026-06-01T12:00:00Z']);
    expect($after->text('rounds.0.outcome'))->toBe('helped')->and($after->number('rounds.0.reductionPercent'))->toEqualWithDelta(60.0, 0.1)
        ->and($after->text('rounds.0.formula'))->toContain('No plant was left alone')
        ->and($after->number('rounds.0.reductionLow'))->toBeLessThan(60.0)->and($after->number('rounds.0.reductionHigh'))->toBeGreaterThan(60.0)
        ->and(Notebook::get('/api/worked')->number('records.0.worked'))->toBe(0.0);
    $count = $after->id('counts.1.id');
    Notebook::change("/api/counts/{$count}", ['each' => [0, 1, 0, 0, 0, 1, 0, 0, 0, 0], 'countedAt' => '2026-06-01T12:00:00Z']);
    expect(Notebook::get('/api/worked')->number('records.0.worked'))->toBe(1.0)->and(Notebook::get("/api/cases/{$case}")->text('rounds.0.outcome'))->toBe('worked');
    // Taken back, nothing is judged any more; put back, it is.
    Notebook::change("/api/counts/{$count}/taken-back", ['takenBack' => true]);
    expect(Notebook::get('/api/worked')->number('records.0.judged'))->toBe(0.0);
    Notebook::change("/api/counts/{$count}/taken-back", ['takenBack' => false]);
    expect(Notebook::get('/api/worked')->number('records.0.judged'))->toBe(1.0);
});

it('asks for a plant left alone until one was counted', function (): void {
    $case = Notebook::case(Notebook::plant());
    $compare = static fn(): string => Notebook::get("/api/cases/{$case}")->text('look.compare');
    Notebook::sent("/api/cases/{$case}/counts", ['value' => 40]);
    expect($compare())->not->toBe('');
    Notebook::sent("/api/cases/{$case}/counts", ['value' => 38, 'untreated' => true]);
    expect($compare())->toBe('');
});
