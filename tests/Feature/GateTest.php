<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Date;
use Tests\Feature\Answer;
use Tests\Feature\Leaves;
use Tests\Feature\Notebook;

/*
 * Written down before the code: a full spray without proof, against a failed test or before an unfinished one is read asks for a
 * reason; with proof it asks for none, and a stronger batch is no longer proven (common practice, no source).
 */

/** @param array<string, mixed> $more */
function sprayRound(int $case, int $batch, array $more = []): Answer
{
    return Notebook::post("/api/cases/{$case}/rounds", ['submission' => Notebook::submission(), 'batchId' => $batch, ...$more]);
}

/** @param list<float> $shares of two sprayed leaves, one with water and one untouched; null leaves the test unread */
function testedFor(int $plant, int $batch, ?array $shares, int $hours = 49): int
{
    $test = Notebook::post('/api/leaf-tests', ['submission' => Notebook::submission(), 'batchId' => $batch, 'plantId' => $plant, 'leaves' => 2])->id();
    Date::setTestNow(Date::now()->addHours($hours));
    if ($shares !== null) {
        Notebook::post("/api/leaf-tests/{$test}/readings", ['submission' => Notebook::submission(), 'leaves' => Leaves::seen(...$shares)]);
    }

    return $test;
}

beforeEach(function (): void {
    Date::setTestNow('2026-06-01T18:00:00Z');
});

it('asks why where the leaves do not allow a full spray, and keeps the reason', function (?array $shares, int $hours, bool $open): void {
    /** @var list<float>|null $shares */
    $plant = Notebook::plant();
    $case = Notebook::case($plant);
    testedFor($plant, Notebook::mixed($case), $shares, $hours);
    $fresh = Notebook::mixed($case);
    $plain = sprayRound($case, $fresh);
    expect($plain->status)->toBe($open ? 201 : 422);
    if (! $open) {
        expect($plain->text('error.message'))->toContain('say why')
            ->and(sprayRound($case, $fresh, ['override' => '   '])->status)->toBe(422);
        $all = sprayRound($case, $fresh, ['override' => 'The tips were black with them.']);
        expect($all->status)->toBe(201)->and($all->text('rounds.0.override'))->toBe('The tips were black with them.');
    }
})->with([
    'clean after the wait' => [[0.0, 0.0, 0.0, 0.0], 49, true],
    'looked at early' => [[0.0, 0.0, 0.0, 0.0], 20, false],
    'not looked at' => [null, 49, false],
    'marked' => [[30.0, 0.0, 0.0, 0.0], 49, false],
    'slightly marked' => [[3.0, 0.0, 0.0, 0.0], 49, false],
    'the untouched leaf is hurt as well' => [[30.0, 30.0, 20.0, 20.0], 49, false],
    'clean but for what the untouched leaf has too' => [[4.0, 4.0, 4.0, 4.0], 49, true],
]);

it('asks anew for a stronger batch and another kind of plant, and not for a drench or another batch of the same', function (): void {
    $plant = Notebook::plant('Rose', 'ordinary-leaf', 'Rose');
    $case = Notebook::case($plant);
    testedFor($plant, Notebook::mixed($case), [0.0, 0.0, 0.0, 0.0]);
    expect(sprayRound($case, Notebook::mixed($case))->status)->toBe(201)
        ->and(sprayRound($case, Notebook::mixed($case, ['highEnd' => true]))->status)->toBe(422)
        ->and(sprayRound($other = Notebook::case(Notebook::plant('Fern', 'tender-leaf', 'Fern')), Notebook::mixed($other))->status)->toBe(422);
});

it('lets the clean rung of a ladder go, and neither what marked nor what is between', function (): void {
    $plant = Notebook::plant();
    $case = Notebook::case($plant);
    $test = Notebook::post('/api/leaf-tests', ['submission' => Notebook::submission(), 'batchId' => Notebook::mixed($case), 'plantId' => $plant, 'leaves' => 2, 'rungs' => [1, 0.5, 0.25]])->id();
    Date::setTestNow(Date::now()->addHours(49));
    $told = Notebook::post("/api/leaf-tests/{$test}/readings", ['submission' => Notebook::submission(), 'leaves' => Leaves::seen(20, 0, 0, 0, 0, 0, 0, 0)]);
    expect($told->text('outcome'))->toBe('go-weaker')->and($told->number('weaker.factor'))->toBe(0.5)->and($told->at('weaker.proven'))->toBeTrue()
        ->and($told->text('because'))->toContain('half')->toContain('four leaves in five')
        ->and(sprayRound($case, Notebook::mixed($case, ['factor' => 0.5]))->status)->toBe(201)
        ->and(sprayRound($case, Notebook::mixed($case, ['factor' => 0.8]))->status)->toBe(422)
        ->and(sprayRound($case, Notebook::mixed($case))->status)->toBe(422);
});

it('leads from a mark to a cup of half strength in one step', function (): void {
    $plant = Notebook::plant();
    $batch = Notebook::mixed(Notebook::case($plant));
    $test = testedFor($plant, $batch, [12.0, 0.0, 0.0, 0.0]);
    $told = Notebook::get("/api/leaf-tests/{$test}");
    expect($told->number('weaker.factor'))->toBe(0.5)->and($told->at('weaker.proven'))->toBeFalse();
    $cup = Notebook::get("/api/opening?again={$batch}&times=0.5&cup=1");
    expect($cup->number('factor'))->toBe(0.5)->and($cup->at('sprayerId'))->toBeNull()->and($cup->at('make'))->toMatchArray(['amount' => 1, 'unit' => '[cup_us]']);
});

// Leaf burn shows within three days: common practice, no source.
it('counts a clean round from three days after it on', function (): void {
    $plant = Notebook::plant();
    $case = Notebook::case($plant);
    testedFor($plant, Notebook::mixed($case), [0.0, 0.0, 0.0, 0.0]);
    sprayRound($case, Notebook::mixed($case));
    $words = static fn(): string => Notebook::get("/api/plants/{$plant}")->text('proven.0.words');
    Date::setTestNow(Date::now()->addDays(3)->subSecond());
    expect($words())->not->toContain('1 so far');
    Date::setTestNow(Date::now()->addSecond());
    expect($words())->toContain('1 so far');
});

it('counts what burnt after a round against the proof, and a clean round for it', function (): void {
    $plant = Notebook::plant();
    $case = Notebook::case($plant);
    testedFor($plant, Notebook::mixed($case), [0.0, 0.0, 0.0, 0.0]);
    $round = sprayRound($case, Notebook::mixed($case))->id('saved.id');
    Date::setTestNow(Date::now()->addDays(4));
    $fresh = Notebook::mixed($case);
    $says = static fn(): string => (string) json_encode(Notebook::get("/api/cases/{$case}")->at('batches.0.verdicts'));
    // None of 2 leaves and 1 round: 1 - 0.05^(1/3) = 63.2 %.
    expect($says())->toContain('None of 2 leaves')->toContain('two leaves in three')
        ->and(Notebook::get("/api/plants/{$plant}")->text('proven.0.words'))->toContain('rounds (1 so far)');
    $burn = Notebook::post("/api/rounds/{$round}/burns", ['submission' => Notebook::submission(), 'share' => 15, 'kinds' => ['edge-burn'], 'special' => ['sun', 'soon']]);
    expect($burn->status)->toBe(201)->and($burn->text('case.rounds.0.burns.0.words'))->toContain('15 %')->toContain('burnt edge')->toContain('too soon')
        ->and(Notebook::get("/api/cases/{$case}")->at('batches.0.leafTestId'))->toBeNull()
        ->and(sprayRound($case, $fresh)->status)->toBe(422);
    $id = $burn->id('saved.id');
    Notebook::change("/api/burns/{$id}/taken-back", ['takenBack' => true]);
    expect(sprayRound($case, $fresh)->status)->toBe(201);
});

it('takes a burn of which nobody said what it looks like or what was special', function (): void {
    $case = Notebook::case(Notebook::plant('Fern'));
    $round = Notebook::post("/api/cases/{$case}/rounds", ['submission' => Notebook::submission(), 'batchId' => Notebook::mixed($case), 'override' => 'Tested last year.'])->number('rounds.0.id');
    $burn = Notebook::post("/api/rounds/{$round}/burns", ['submission' => Notebook::submission(), 'share' => 15, 'kinds' => [], 'special' => []]);
    expect($burn->status)->toBe(201)->and($burn->list('case.rounds.0.burns.0.kinds'))->toBe([])->and($burn->list('case.rounds.0.burns.0.special'))->toBe([]);
    // A burn of nothing is none, and there is no more of a leaf than all of it.
    foreach ([0, -1, 101, 1e300] as $share) {
        expect(Notebook::post("/api/rounds/{$round}/burns", ['submission' => Notebook::submission(), 'share' => $share])->text('error.path'))->toBe('/share');
    }
});

it('tells of overrides and burns where it says what worked', function (): void {
    $case = Notebook::case(Notebook::plant());
    $batch = Notebook::mixed($case);
    $round = sprayRound($case, $batch, ['override' => 'It was urgent'])->id('saved.id');
    Notebook::post("/api/rounds/{$round}/burns", ['submission' => Notebook::submission(), 'share' => 15]);
    $words = (string) json_encode(Notebook::get('/api/worked')->at('records.0'));
    expect($words)->toContain('1 round went without proof')->toContain('Leaves burnt after 1 round');
    // A round of which nothing of that holds is told without it.
    $plain = sprayRound(Notebook::case(Notebook::plant('Aster'), 'whitefly'), $batch, ['override' => 'It was urgent', 'handWork' => true])->id('saved.id');
    expect($plain)->toBeGreaterThan($round);
    $worked = Notebook::get('/api/worked');
    $told = [];
    foreach ($worked->list('records') as $i => $one) {
        $told[$worked->text("records.{$i}.pest")] = [$worked->number("records.{$i}.withHandWork"), $worked->number("records.{$i}.burntAfter")];
    }
    expect($told)->toEqual(['aphids' => [0.0, 1.0], 'whitefly' => [1.0, 0.0]]);
});

it('keeps a cup for a day at most, whichever school keeps the rest', function (string $keeping): void {
    $cup = Notebook::post('/api/batches', ['submission' => Notebook::submission(), 'bench' => ['request' => ['recipe' => 'plain-soap', 'make' => ['amount' => 1, 'unit' => '[cup_us]']]], 'forLeafTest' => true]);
    Notebook::tickAll($cup);
    expect(Notebook::post("/api/batches/{$cup->id()}/finish", ['standTest' => 'even', 'keeping' => $keeping])->text('discardAt'))->toBe('2026-06-02T18:00:00Z');
})->with(['strict', 'patient']);

it('refuses leaves that are none, twice or missing, and shares beyond a leaf', function (mixed $leaves, string $path): void {
    $plant = Notebook::plant();
    $test = Notebook::post('/api/leaf-tests', ['submission' => Notebook::submission(), 'batchId' => Notebook::mixed(Notebook::case($plant)), 'plantId' => $plant, 'leaves' => 2, 'controls' => false])->id();
    $said = Notebook::post("/api/leaf-tests/{$test}/readings", ['submission' => Notebook::submission(), 'leaves' => $leaves]);
    expect($said->status)->toBe(422)->and($said->text('error.path'))->toBe($path);
})->with([
    'one is missing' => [[['leaf' => 1, 'share' => 0]], '/leaves'],
    'one twice' => [[['leaf' => 1, 'share' => 0], ['leaf' => 1, 'share' => 0]], '/leaves'],
    'one that is none' => [[['leaf' => 1, 'share' => 0], ['leaf' => 9, 'share' => 0]], '/leaves'],
    'more than a leaf' => [[['leaf' => 1, 'share' => 101], ['leaf' => 2, 'share' => 0]], '/leaves/0/share'],
    'a large number' => [[['leaf' => 1, 'share' => 1e300], ['leaf' => 2, 'share' => 0]], '/leaves/0/share'],
    'less than nothing' => [[['leaf' => 1, 'share' => -1], ['leaf' => 2, 'share' => 0]], '/leaves/0/share'],
    'a range beside its share' => [[['leaf' => 1, 'share' => 5, 'low' => 6, 'high' => 9], ['leaf' => 2, 'share' => 0]], '/leaves/0/share'],
    'a place off the leaf' => [[['leaf' => 1, 'share' => 5, 'spots' => [['x' => 2, 'y' => 0, 'kind' => 'spots']]], ['leaf' => 2, 'share' => 0]], '/leaves/0/spots/0/x'],
    'a kind that nobody knows' => [[['leaf' => 1, 'share' => 5, 'kinds' => ['purple']], ['leaf' => 2, 'share' => 0]], '/leaves/0/kinds/0'],
    'no list' => ['<script>', '/leaves'],
]);

it('fills the sprayer again once the full batch is mixed after a cup, and opens on no cup by itself', function (): void {
    $plant = Notebook::plant();
    $cup = Notebook::post('/api/batches', ['submission' => Notebook::submission(), 'bench' => ['request' => ['recipe' => 'plain-soap', 'make' => ['amount' => 1, 'unit' => '[cup_us]']]], 'plantId' => $plant, 'forLeafTest' => true])->id();
    $full = Notebook::get("/api/opening?again={$cup}&times=0.5");
    expect($full->text('recipe'))->toBe('plain-soap')->and($full->number('factor'))->toBe(0.5)->and($full->at('make'))->toBeNull()
        ->and(Notebook::get('/api/opening')->text('why'))->toBe('first');
});

// Common practice, no source: a swab touches single insects, no leaf; what is misted wets them all.
it('asks no leaf test of a swab, and one of what is misted', function (string $recipe, array $make, bool $asked): void {
    $case = Notebook::case(Notebook::plant());
    $batch = Notebook::mixed($case, ['recipe' => $recipe, 'make' => $make]);
    $round = sprayRound($case, $batch);
    expect($round->status)->toBe($asked ? 422 : 201);
    if ($asked) {
        expect($round->text('error.message'))->toContain('say why');
    }
})->with([
    'a swab' => ['half-alcohol-swab', ['amount' => 100, 'unit' => 'mL'], false],
    'a mist' => ['neem-leaf-quart', ['amount' => 1, 'unit' => 'L'], true],
]);

// Common practice, no source: burnt leaves are looked at on the third and the seventh day, and left alone for two weeks.
it('asks to look at burnt leaves on the third and the seventh day, on Today and on the page of the plant', function (): void {
    $plant = Notebook::plant();
    $case = Notebook::case($plant);
    $round = Notebook::post("/api/cases/{$case}/rounds", ['submission' => Notebook::submission(), 'batchId' => Notebook::mixed($case), 'override' => 'It was urgent.'])->id('saved.id');
    Notebook::post("/api/rounds/{$round}/burns", ['submission' => Notebook::submission(), 'share' => 15]);
    $looks = static fn(string $path, string $list): array => array_values(array_map(static fn(array $task): string => is_string($task['dueAt'] ?? null) ? substr($task['dueAt'], 0, 10) : '', array_filter(Notebook::get($path)->list($list), static fn(mixed $task): bool => is_array($task) && $task['kind'] === 'look-at-burn')));
    $on = static fn(int $days): string => Date::now()->addDays($days)->format('Y-m-d');
    $first = $on(3);
    expect($looks('/api/today', 'tasks'))->toBe([$first])->and($looks("/api/plants/{$plant}", 'next'))->toBe([$first]);
    $second = $on(7);
    Date::setTestNow(Date::now()->addDays(8));
    expect($looks('/api/today', 'tasks'))->toBe([$second]);
    Date::setTestNow(Date::now()->addDays(7));
    expect($looks('/api/today', 'tasks'))->toBe([]);
});

// Common practice, no source: leaves that stood dry since they were tested are other leaves.
it('asks for two leaves once more where the plant stood dry since it was tested', function (): void {
    $plant = Notebook::plant();
    $case = Notebook::case($plant);
    testedFor($plant, Notebook::mixed($case), [0.0, 0.0, 0.0, 0.0]);
    $says = static fn(): string => Notebook::get('/api/batches/' . Notebook::mixed($case))->text('gate.proven');
    expect($says())->toBe('yes');
    Date::setTestNow(Date::now()->addDays(2));
    Notebook::change("/api/plants/{$plant}/now", ['dry' => true]);
    Date::setTestNow(Date::now()->addDays(2));
    expect($says())->toBe('faded');
});
