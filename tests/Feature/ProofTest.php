<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Date;
use Tests\Feature\Leaves;
use Tests\Feature\Notebook;

/** @return array{string, string} level and sentence of what the leaf tests say of the newest batch, on the page of a case */
function leavesSay(int $case): array
{
    $answer = Notebook::get("/api/cases/{$case}");
    foreach ($answer->list('batches.0.verdicts') as $i => $verdict) {
        if ($answer->text("batches.0.verdicts.{$i}.code") === 'leaf-test') {
            return [$answer->text("batches.0.verdicts.{$i}.level"), $answer->text("batches.0.verdicts.{$i}.because")];
        }
    }

    return ['none', ''];
}

/**
 * Tests the leaves of a plant with a batch that is thrown away, and reads them after two days.
 *
 * @param array<string, mixed> $request
 */
function testedOn(int $plant, float $share = 0.0, array $request = []): void
{
    Date::setTestNow(Date::now()->addHour());
    $batch = Notebook::mixed(null, $request);
    $test = Notebook::post('/api/leaf-tests', ['submission' => Notebook::submission(), 'batchId' => $batch, 'plantId' => $plant, 'leaves' => 2, 'controls' => false]);
    Date::setTestNow(Date::now()->addHours(9));
    Notebook::put("/api/batches/{$batch}/discarded", ['discarded' => true]);
    Date::setTestNow(Date::now()->addHours(40));
    Notebook::post("/api/leaf-tests/{$test->id()}/readings", ['submission' => Notebook::submission(), 'leaves' => Leaves::seen(0, $share)]);
}

beforeEach(function (): void {
    Date::setTestNow('2026-06-01T18:00:00Z');
});

it('lets a fresh batch of a tested spray go, though the tested one was thrown away before it was read', function (): void {
    $plant = Notebook::plant();
    $case = Notebook::case($plant);
    Notebook::mixed($case);
    expect(leavesSay($case)[0])->toBe('caution');
    testedOn($plant);
    Notebook::mixed($case);
    [$level, $because] = leavesSay($case);
    expect($level)->toBe('ok')->and($because)->toContain('None of 2 leaves')->toContain('four leaves in five');
    // Half of it goes, too; the high end does not.
    Notebook::mixed($case, ['factor' => 0.5]);
    expect(leavesSay($case)[0])->toBe('ok');
    Notebook::mixed($case, ['highEnd' => true]);
    [$level, $because] = leavesSay($case);
    expect($level)->toBe('caution')->and($because)->toContain('1.3', 'times as strong');
});

it('holds for plants of the same kind and leaf, and for no other', function (): void {
    $rose = Notebook::plant('Rose by the door', 'ordinary-leaf', 'Rose');
    testedOn($rose);
    $say = static function (int $plant): string {
        $case = Notebook::case($plant);
        Notebook::mixed($case);

        return leavesSay($case)[0];
    };
    expect($say(Notebook::plant('Rose at the back', 'ordinary-leaf', 'rose')))->toBe('ok')
        ->and($say(Notebook::plant('Rose just moved', 'tender-leaf', 'Rose')))->toBe('caution')
        ->and($say(Notebook::plant('Dahlia', 'ordinary-leaf', 'Dahlia')))->toBe('caution')
        ->and($say(Notebook::plant('Nameless', 'ordinary-leaf')))->toBe('caution');
});

it('stops what was marked until a better test stands', function (): void {
    $plant = Notebook::plant();
    $case = Notebook::case($plant);
    testedOn($plant, 100.0);
    $fresh = Notebook::mixed($case);
    expect(leavesSay($case)[0])->toBe('stop');
    // Another test that is only begun changes nothing.
    $again = Notebook::post('/api/leaf-tests', ['submission' => Notebook::submission(), 'batchId' => $fresh, 'plantId' => $plant, 'leaves' => 2, 'controls' => false]);
    expect(leavesSay($case)[0])->toBe('stop');
    Date::setTestNow(Date::now()->addHours(49));
    Notebook::post("/api/leaf-tests/{$again->id()}/readings", ['submission' => Notebook::submission(), 'leaves' => Leaves::seen(0, 0)]);
    Notebook::mixed($case);
    expect(leavesSay($case)[0])->toBe('ok');
});

it('has one level for a mark, on the page of the test and on the case', function (float $share, string $level): void {
    $plant = Notebook::plant();
    $case = Notebook::case($plant);
    testedOn($plant, $share);
    Notebook::mixed($case);
    expect(Notebook::get('/api/leaf-tests')->text('leafTests.0.level'))->toBe($level)->and(leavesSay($case)[0])->toBe($level);
})->with([[0.0, 'ok'], [3.0, 'caution'], [20.0, 'stop'], [100.0, 'stop']]);

it('follows a look that is corrected, and one that is taken back', function (): void {
    $plant = Notebook::plant();
    $case = Notebook::case($plant);
    testedOn($plant, 100.0);
    Notebook::mixed($case);
    $reading = Notebook::get('/api/leaf-tests')->id('leafTests.0.readings.0.id');
    expect(leavesSay($case)[0])->toBe('stop');
    Notebook::change("/api/readings/{$reading}", ['leaves' => Leaves::seen(0, 0), 'readAt' => Date::now()->format('Y-m-d\TH:i:s\Z')]);
    expect(leavesSay($case)[0])->toBe('ok');
    Notebook::change("/api/readings/{$reading}/undone", '{}');
    expect(leavesSay($case)[0])->toBe('stop');
    Notebook::change("/api/readings/{$reading}/taken-back", ['takenBack' => true]);
    expect(leavesSay($case)[0])->toBe('caution');
});
