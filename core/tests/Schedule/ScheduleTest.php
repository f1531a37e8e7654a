<?php

declare(strict_types=1);

use IdleMixer\Core\Mix\Formulator;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Schedule\Agenda;
use IdleMixer\Core\Schedule\CaseTasks;
use IdleMixer\Core\Schedule\FairLook;
use IdleMixer\Core\Schedule\RoundDone;
use IdleMixer\Core\Schedule\Task;
use IdleMixer\Core\Schedule\TaskKind;
use IdleMixer\Core\Schedule\Urgency;
use IdleMixer\Core\Tests\Support\Plans;
use IdleMixer\Core\Trouble\TroubleKind;

function on(string $instant): DateTimeImmutable
{
    return new DateTimeImmutable($instant);
}

// Common practice, no source: neem sprays 8 to 24 h, essential-oil sprays 1 to 2 weeks, egg the same day, kitchen oil up to about 2 months by some.
it('keeps a mix as long as what keeps worst in it', function (string $slug, float $strict, float $patient): void {
    $holding = Plans::shipped($slug, 1, 'L')->holding;

    expect($holding->strict->value)->toBe($strict)->and($holding->patient->value)->toBe($patient);
})->with([
    ['neem-leaf-quart', 8.0, 24.0],
    ['soda-and-neem', 8.0, 24.0],
    ['mint-mask', 168.0, 336.0],
    ['castile-and-kitchen-oil', 24.0, 1440.0],
    ['egg-and-oil-milk', 8.0, 12.0],
]);

// Common practice, no source: when it is fair to look, and to judge, by what kills and on what.
it('says when it is fair to look and to judge', function (string $slug, ?TroubleKind $on, float $first, float $judged): void {
    $recipe = RecipeCatalogue::shipped()->get($slug);
    $time = FairLook::shipped()->of((new Formulator())->onBasis($recipe), $recipe->use, ! RecipeCatalogue::shipped()->practice($slug)->onlyWhereNothingGrows, $on);
    expect([$time->first->value, $time->judged->value])->toBe([$first, $judged]);
})->with([
    'soap on soft bodies' => ['plain-soap', TroubleKind::Insect, 20.0, 20.0],
    'a detergent' => ['mild-soap', null, 20.0, 20.0],
    'alcohol' => ['half-alcohol-swab', TroubleKind::Insect, 20.0, 20.0],
    'scent' => ['rosemary-mist', TroubleKind::Mite, 20.0, 20.0],
    'oil' => ['fine-paraffin-mist', TroubleKind::Mite, 48.0, 48.0],
    'soap and oil: the slower decides' => ['castile-and-kitchen-oil', TroubleKind::Insect, 48.0, 48.0],
    'egg and oil' => ['egg-and-oil-milk', TroubleKind::Insect, 72.0, 72.0],
    'neem on soft bodies' => ['neem-leaf-quart', TroubleKind::Insect, 72.0, 168.0],
    'neem in the soil of a pot' => ['weak-pot-drench', TroubleKind::Mite, 72.0, 240.0],
    'a drench in an empty bed' => ['empty-bed-neem-drench', TroubleKind::Soil, 72.0, 72.0],
    'soda on mildew' => ['soda-and-oil-by-the-book', TroubleKind::Fungus, 168.0, 168.0],
    'peroxide on spots' => ['peroxide-in-turn', TroubleKind::Fungus, 168.0, 168.0],
    'oil on mildew' => ['fine-paraffin-mist', TroubleKind::Fungus, 168.0, 168.0],
    'soda, against nobody knows what' => ['soda-leaf-spray', null, 168.0, 168.0],
    'winter oil: at bud break, and the season after' => ['winter-wood-oil', TroubleKind::Insect, 1440.0, 1440.0],
]);

/**
 * @param list<Task> $tasks
 *
 * @return list<array{TaskKind, string}>
 */
function kindsOf(array $tasks): array
{
    return array_map(static fn(Task $task): array => [$task->kind, $task->dueAt->format('m-d H')], $tasks);
}

it('asks for a first round, then a count, then the next round', function (): void {
    $opened = on('2026-05-01T10:00:00Z');

    expect(kindsOf(CaseTasks::of(1, 'a', $opened, null)))->toBe([[TaskKind::FirstRound, '05-01 10']])
        ->and(kindsOf(CaseTasks::of(1, 'a', $opened, new RoundDone(on('2026-05-02T20:00:00Z'), 72.0, 168.0, 7, null, false))))->toBe([[TaskKind::CountAfter, '05-05 20'], [TaskKind::NextRound, '05-09 20']])
        // Looked at too early for anything, then at the first look: the one that judges is left.
        ->and(kindsOf(CaseTasks::of(1, 'a', $opened, new RoundDone(on('2026-05-02T20:00:00Z'), 72.0, 168.0, 7, on('2026-05-03T20:00:00Z'), false))))->toBe([[TaskKind::CountAfter, '05-05 20'], [TaskKind::NextRound, '05-09 20']])
        ->and(kindsOf(CaseTasks::of(1, 'a', $opened, new RoundDone(on('2026-05-02T20:00:00Z'), 72.0, 168.0, 7, on('2026-05-05T20:00:00Z'), false))))->toBe([[TaskKind::CountAfter, '05-09 20'], [TaskKind::NextRound, '05-09 20']])
        ->and(kindsOf(CaseTasks::of(1, 'a', $opened, new RoundDone(on('2026-05-02T20:00:00Z'), 72.0, 168.0, 7, on('2026-05-09T20:00:00Z'), true))))->toBe([[TaskKind::NextRound, '05-09 20']])
        ->and(kindsOf(CaseTasks::of(1, 'a', $opened, new RoundDone(on('2026-05-02T20:00:00Z'), 72.0, 168.0, null, on('2026-05-09T20:00:00Z'), true))))->toBe([]);
});

it('sorts tasks by day, in the time zone it is asked in', function (): void {
    $now = new DateTimeImmutable('2026-05-10 09:00', new DateTimeZone('Pacific/Auckland'));
    $task = static fn(string $due, TaskKind $kind = TaskKind::CountAfter): Task => new Task($kind, 1, 'a', new DateTimeImmutable($due));
    $rows = Agenda::sort([
        $task('2026-05-20T00:00:00Z'),
        $task('2026-05-10T11:59:00Z'),
        $task('2026-05-09T11:59:00Z'),
        $task('2026-05-09T13:00:00Z'),
        $task('2026-05-09T20:59:00Z', TaskKind::Discard),
        $task('2026-07-20T00:00:00Z'),
    ], $now);

    // 12:00 UTC is midnight in Auckland in May.
    expect(array_map(static fn(array $row): array => [$row['task']->dueAt->format('d H:i'), $row['urgency']], $rows))->toBe([
        ['09 11:59', Urgency::Overdue],
        ['09 13:00', Urgency::Today],
        ['09 20:59', Urgency::Overdue],
        ['10 11:59', Urgency::Today],
        ['20 00:00', Urgency::Later],
    ]);
    // Of one case or plant what is far off is told, too.
    expect(array_map(static fn(array $row): string => $row['task']->dueAt->format('m-d'), Agenda::sort([$task('2026-07-20T00:00:00Z'), $task('2026-05-20T00:00:00Z')], $now, near: false)))->toBe(['05-20', '07-20']);
});
