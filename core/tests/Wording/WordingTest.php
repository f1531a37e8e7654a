<?php

declare(strict_types=1);

use IdleMixer\Core\Evidence\CaseHistory;
use IdleMixer\Core\Evidence\Clumping;
use IdleMixer\Core\Evidence\Counted;
use IdleMixer\Core\Evidence\Outcome;
use IdleMixer\Core\Evidence\Prior;
use IdleMixer\Core\Evidence\Record;
use IdleMixer\Core\Evidence\RecordFacts;
use IdleMixer\Core\Evidence\RoundEffect;
use IdleMixer\Core\Evidence\Sprayed;
use IdleMixer\Core\Evidence\Trial;
use IdleMixer\Core\Evidence\Unsprayed;
use IdleMixer\Core\Leaf\LeafLook;
use IdleMixer\Core\Leaf\LeafTest;
use IdleMixer\Core\Leaf\LeafTestOutcome;
use IdleMixer\Core\Leaf\SeenLeaf;
use IdleMixer\Core\Leaf\TestLeaf;
use IdleMixer\Core\Leaf\TestLeaves;
use IdleMixer\Core\Recipe\MixingOrder;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Safety\Finding;
use IdleMixer\Core\Safety\Verdict;
use IdleMixer\Core\Schedule\Task;
use IdleMixer\Core\Schedule\TaskKind;
use IdleMixer\Core\Source\SourceCatalogue;
use IdleMixer\Core\Tests\Support\Plans;
use IdleMixer\Core\Wording\Choices;
use IdleMixer\Core\Wording\Findings;
use IdleMixer\Core\Wording\LeafWords;
use IdleMixer\Core\Wording\RecordWords;
use IdleMixer\Core\Wording\Sentences;
use IdleMixer\Core\Words\MissingWords;
use IdleMixer\Core\Writing\PlanWriter;

it('leaves no brace unfilled in anything that is shown', function (string $slug, string $plant): void {
    $document = PlanWriter::shipped()->write(Plans::shipped($slug, 2.5, 'L', ['sprayer' => ['amount' => 1, 'unit' => 'L'], 'plant' => $plant, 'measures' => [['amount' => 1, 'unit' => '[tbs_us]']]]));

    expect(json_encode([$document->steps, $document->verdicts, $document->cautions, $document->holding, $document->fair_look], \JSON_THROW_ON_ERROR))->not->toMatch('/\{[a-z-]+\}/i');
})->with(RecipeCatalogue::shipped()->slugs())->with(['ordinary-leaf', 'waxy-bloom-leaf', 'no-oil-leaf', 'dormant-wood', 'planted-soil']);

it('says beside every verdict whether its limit is published, practice or ours', function (string $slug): void {
    foreach (PlanWriter::shipped()->write(Plans::shipped($slug, 1, 'L', ['plant' => 'tender-leaf']))->verdicts as $verdict) {
        // What is measured or comes with a stock has no limit of its own to name.
        expect($verdict->standing)->not->toBeNull($verdict->because)->and($verdict->source)->not->toBe('')->and($verdict->because)->not->toMatch('/published|common practice|our own/');
    }
})->with(RecipeCatalogue::shipped()->slugs());

it('has words for every task, outcome, leaf test and order', function (): void {
    $findings = Findings::shipped();
    foreach (TaskKind::cases() as $kind) {
        expect($findings->task(new Task($kind, 1, 'the rose', new DateTimeImmutable()))['text'])->toContain('the rose');
    }
    $now = new DateTimeImmutable('2026-06-01T00:00:00Z');
    $said = [];
    foreach ([[], [0.0, 0.0], [0.0, 3.0], [0.0, 30.0], [0.0, 0.0, 20.0, 20.0], [0.0, 30.0, 0.0, 0.0]] as $shares) {
        foreach ([[1.0], [1.0, 0.5]] as $rungs) {
            $leaves = TestLeaves::of(2, $rungs, true);
            $seen = array_map(static fn(TestLeaf $leaf): SeenLeaf => new SeenLeaf($leaf->number, $shares[$leaf->number - 1] ?? 0.0, 0.0, $shares[$leaf->number - 1] ?? 0.0), $leaves->all);
            $test = new LeafTest($now, 48, $leaves, $shares === [] ? [] : [new LeafLook($now->modify('+49 hours'), $seen)]);
            foreach ([$now, $now->modify('+50 hours')] as $when) {
                expect(LeafWords::shipped()->outcome($test, $when))->not->toContain('{');
                $said[] = $test->outcome($when)->value;
            }
        }
    }
    $unsure = new LeafTest($now, 48, TestLeaves::of(2, [1.0], false), [new LeafLook($now->modify('+49 hours'), [new SeenLeaf(1, 0.8, 0.0, 7.0), new SeenLeaf(2, 0.0, 0.0, 0.5)])]);
    $said[] = $unsure->outcome($now->modify('+50 hours'))->value;
    expect(LeafWords::shipped()->outcome($unsure, $now->modify('+50 hours')))->not->toContain('{');
    expect(array_values(array_unique($said)))->toEqualCanonicalizing(array_column(LeafTestOutcome::cases(), 'value'));
    foreach (MixingOrder::cases() as $order) {
        expect(Choices::shipped()->order($order)['price'])->not->toBe('');
    }
    foreach ([[null, null], [80.0, null], [80.0, 5.0], [80.0, 40.0], [80.0, 120.0], [3.0, 1.0]] as [$before, $after]) {
        foreach (['+1 day', '+9 days'] as $when) {
            expect($findings->trial(trialOf($now, 72.0, $before, $after, $when)))->not->toContain('{');
        }
    }
    expect(array_map(static fn(Outcome $outcome): bool => $outcome->isJudged(), Outcome::cases()))->toBe([true, true, true, false, false, false, false, false, false, true, false, false]);
});

function trialOf(DateTimeImmutable $at, float $fair, ?float $before, ?float $after, string $when): Trial
{
    $counts = [...($before === null ? [] : [new Counted($at, $before, false)]), ...($after === null ? [] : [new Counted($at->modify($when), $after, false)])];

    return (new CaseHistory([new Sprayed($at, $fair)], $counts))->trials()[0];
}

it('says when a count grew', function (): void {
    $now = new DateTimeImmutable('2026-06-01T00:00:00Z');

    expect(Findings::shipped()->trial(trialOf($now, 24.0, 80.0, 120.0, '+2 days')))->toContain('50 % more');
});

it('does not hide what a record cannot tell', function (): void {
    $now = new DateTimeImmutable('2026-06-01T00:00:00Z');
    $words = implode(' ', RecordWords::of(RecordFacts::of(new Record([RoundEffect::of('one', trialOf($now, 24.0, 80.0, 4.0, '+2 days'), true)], new Unsprayed(0.8, 2.0), Prior::unknown(), Clumping::usual(), 2, 1))));

    expect($words)->toContain('1 of 1 judged round. In truth', 'No unsprayed plant', 'may have done the work', '1 of 2 leaf tests left marks');
});

it('would rather fail than show a code', function (): void {
    (new Sentences([], [], [], SourceCatalogue::shipped()))->verdict(Verdict::of(Finding::Gas));
})->throws(MissingWords::class, 'gas');
