<?php

declare(strict_types=1);

use App\Models\PestCase;
use App\Records\CasePlans;
use Database\Demo\DemoSeason;
use Illuminate\Support\Facades\Date;
use Tests\Feature\Answer;
use Tests\Feature\Notebook;

beforeEach(function (): void {
    Date::setTestNow('2026-06-01T18:00:00Z');
});

/** @param list<float> $counts a week apart, the last of them today */
function countedWeekly(string $pest, array $counts): int
{
    $case = Notebook::case(Notebook::plant('Bean'), $pest);
    foreach ($counts as $i => $count) {
        $at = (new DateTimeImmutable('2026-06-01T17:00:00Z'))->modify('-' . 7 * (count($counts) - 1 - $i) . ' days');
        Notebook::sent("/api/cases/{$case}/counts", ['value' => $count, 'countedAt' => $at->format('Y-m-d\TH:i:s\Z')]);
    }

    return $case;
}

function aheadOf(int $case): Answer
{
    return Notebook::get("/api/cases/{$case}/seen-ahead");
}

it('sees ahead what comes of it left alone, and what is best', function (): void {
    $seen = aheadOf(countedWeekly('spider-mites', [10, 30, 90]));
    expect($seen->text('because'))->toBe('')->and($seen->text('today'))->toBe('2026-06-01')->and(array_column($seen->list('outlooks'), 'kind'))->toBe(['alone', 'fewest'])
        ->and($seen->list('outlooks.0.days'))->toHaveCount(43)->and($seen->text('outlooks.0.days.0.on'))->toBe('2026-06-01')->and($seen->text('outlooks.0.days.42.on'))->toBe('2026-07-13')
        ->and($seen->number('outlooks.0.days.0.middle'))->toBeGreaterThan(50.0)->toBeLessThan(150.0)
        ->and($seen->number('outlooks.0.days.42.middle'))->toBeGreaterThan(10.0 * $seen->number('outlooks.1.days.42.middle'))
        ->and($seen->text('outlooks.0.words'))->toBe('Too many to count by Mon 13 Jul.')
        ->and($seen->list('outlooks.1.rounds'))->not->toBe([])->and($seen->text('rests'))->toContain('Four of five');
});

it('lets rounds that were sprayed count, and begins the best with the round that every door names', function (): void {
    $case = countedWeekly('spider-mites', [10, 30, 90]);
    $batch = Notebook::mixed($case, ['recipe' => 'plain-soap', 'make' => ['amount' => 1, 'unit' => 'L']]);
    $before = aheadOf($case)->number('outlooks.0.days.7.middle');
    Notebook::sent("/api/cases/{$case}/rounds", ['batch' => Notebook::get("/api/batches/{$batch}")->text('key'), 'override' => 'It was urgent.']);
    $seen = aheadOf($case);
    // Soap takes some three of four of what moves, and no egg.
    expect($seen->number('outlooks.0.days.0.middle'))->toBeLessThan(0.5 * 90.0)->and($seen->number('outlooks.0.days.7.middle'))->toBeLessThan($before);
    $kinds = array_column($seen->list('outlooks'), 'kind');
    $next = array_values(array_filter(Notebook::get("/api/cases/{$case}")->list('next'), static fn(mixed $one): bool => is_array($one) && $one['kind'] === 'next-round'))[0];
    assert(is_string($next['dueAt']));
    expect($kinds)->toBe(['alone', 'planned', 'fewest'])
        ->and($seen->text('outlooks.1.rounds.0'))->toBe(substr($next['dueAt'], 0, 10))
        ->and($seen->text('outlooks.2.rounds.0'))->toBeGreaterThanOrEqual($seen->text('outlooks.1.rounds.0'));
});

it('says where the last count is another than was to be expected', function (): void {
    expect(aheadOf(countedWeekly('spider-mites', [10, 30, 90]))->text('surprise'))->toBe('')
        ->and(aheadOf(countedWeekly('spider-mites', [10, 30, 2]))->text('surprise'))->toStartWith('The last count is fewer')
        ->and(aheadOf(countedWeekly('spider-mites', [10, 30, 3_000]))->text('surprise'))->toStartWith('The last count is more');
});

it('proposes no more rounds than Today’s plan may have, nor one sooner', function (): void {
    app(DemoSeason::class)->write(new DateTimeImmutable('2026-06-01T18:00:00Z'));
    $told = 0;
    foreach (PestCase::query()->whereNull('closed_at')->get() as $case) {
        $seen = aheadOf($case->id);
        $kinds = array_column($seen->list('outlooks'), 'kind');
        $plan = app(CasePlans::class)->of($case, new DateTimeImmutable('2026-06-01T18:00:00Z'));
        $at = array_search('fewest', $kinds, true);
        if ($plan !== null && $at !== false) {
            ++$told;
            expect(count($seen->list("outlooks.{$at}.rounds")))->toBeLessThanOrEqual($plan->course->left() ?? 99);
            if (in_array('planned', $kinds, true) && $seen->list("outlooks.{$at}.rounds") !== []) {
                expect($seen->text("outlooks.{$at}.rounds.0"))->toBeGreaterThanOrEqual($seen->text('outlooks.1.rounds.0'));
            }
        }
    }
    expect($told)->toBeGreaterThan(0);
});

it('goes by how much the household’s own rounds reached', function (): void {
    Date::setTestNow('2026-06-01T18:00:00Z');
    $case = countedWeekly('spider-mites', [10, 30]);
    $before = aheadOf($case);
    expect($before->text('rests'))->toContain('A spray is taken to reach 80 % of them.');
    // Three rounds of soap on aphids, counted before and after: a third is gone, where soap takes three of four.
    foreach ([1, 2, 3] as $round) {
        $other = Notebook::case(Notebook::plant("Bean {$round}"), 'aphids');
        Date::setTestNow('2026-05-20T18:00:00Z');
        $batch = Notebook::mixed($other, ['recipe' => 'plain-soap', 'make' => ['amount' => 1, 'unit' => 'L']]);
        Date::setTestNow('2026-06-01T18:00:00Z');
        Notebook::sent("/api/cases/{$other}/counts", ['value' => 90, 'countedAt' => '2026-05-20T17:00:00Z']);
        Notebook::sent("/api/cases/{$other}/rounds", ['batch' => Notebook::get("/api/batches/{$batch}")->text('key'), 'sprayedAt' => '2026-05-20T19:00:00Z', 'override' => 'It was urgent.']);
        Notebook::sent("/api/cases/{$other}/counts", ['value' => 60, 'countedAt' => '2026-05-22T19:00:00Z']);
    }
    $after = aheadOf($case);
    expect($after->text('rests'))->toContain('By 3 rounds of yours, a spray reaches')
        // What is left alone goes on as it did; what is sprayed leaves more.
        ->and($after->at('outlooks.0.days'))->toBe($before->at('outlooks.0.days'));
    $last = static function (Answer $seen): float {
        $days = $seen->list('outlooks.1.days');
        $end = $days[count($days) - 1];

        return is_array($end) && is_numeric($end['middle']) ? (float) $end['middle'] : -1.0;
    };
    expect($last($after))->toBeGreaterThan($last($before));
});

it('gives each round the spray whose turn it is, as planned, at best, and where a day is moved', function (string $pest, array $sprays, bool $inTurn): void {
    /** @var list<string> $sprays */
    Date::setTestNow('2026-06-01T18:00:00Z');
    $case = countedWeekly($pest, [10, 30, 60]);
    foreach ($sprays as $i => $spray) {
        Date::setTestNow((new DateTimeImmutable('2026-06-01T18:00:00Z'))->modify('+' . 7 * $i . ' days'));
        $batch = Notebook::mixed($case, ['recipe' => $spray, 'make' => ['amount' => 1, 'unit' => 'L']]);
        Notebook::sent("/api/cases/{$case}/rounds", ['batch' => Notebook::get("/api/batches/{$batch}")->text('key'), 'override' => 'It was urgent.']);
        Notebook::put("/api/batches/{$batch}/discarded", ['discarded' => true]);
    }
    $seen = aheadOf($case);
    $kinds = array_column($seen->list('outlooks'), 'kind');
    $planned = (int) array_search('planned', $kinds, true);
    $best = (int) array_search('fewest', $kinds, true);
    expect($planned)->toBeGreaterThan(0)->and($best)->toBeGreaterThan(0)
        ->and(str_contains($seen->text("outlooks.{$best}.name"), 'in turn'))->toBe($inTurn);
    // The same days, asked as days of one's own, come to the same.
    foreach ([$planned, $best] as $one) {
        $days = array_values(array_filter($seen->list("outlooks.{$one}.rounds"), is_string(...)));
        $asked = Notebook::post("/api/cases/{$case}/rounds-ahead", ['on' => $days]);
        expect($days)->not->toBe([])->and($asked->status)->toBe(200, $asked->text)
            ->and($asked->list('asAsked.days'))->toEqual($seen->list("outlooks.{$one}.days"));
    }
})->with([
    'one spray' => ['aphids', ['plain-soap'], false],
    'alcohol and neem in turn' => ['mealybugs', ['soap-and-alcohol-by-eye', 'gentle-neem'], true],
]);

it('says why nothing is seen ahead', function (): void {
    expect(aheadOf(countedWeekly('powdery-mildew', [5]))->text('because'))->toBe('How powdery mildew multiplies is not known well enough to see ahead.')
        ->and(aheadOf(Notebook::case(Notebook::plant('Fern'), 'aphids'))->text('because'))->toContain('Count, and it can be seen ahead.');
    $case = countedWeekly('aphids', [20]);
    Date::setTestNow('2026-08-01T18:00:00Z');
    expect(aheadOf($case)->text('because'))->toContain('six weeks')->and(aheadOf($case)->list('outlooks'))->toBe([])
        ->and(Notebook::get('/api/cases/999/seen-ahead')->status)->toBe(404);
});

it('knows nothing of what was counted on the plant left alone, nor of what was taken back', function (): void {
    $case = countedWeekly('spider-mites', [10, 30]);
    $before = aheadOf($case)->number('outlooks.0.days.7.middle');
    Notebook::sent("/api/cases/{$case}/counts", ['value' => 4_000, 'untreated' => true]);
    expect(aheadOf($case)->number('outlooks.0.days.7.middle'))->toBe($before);
    $wrong = Notebook::sent("/api/cases/{$case}/counts", ['value' => 3_000]);
    expect(aheadOf($case)->number('outlooks.0.days.7.middle'))->not->toBe($before);
    Notebook::put("/api/counts/{$wrong->text('saved.key')}/taken-back", ['basedOn' => 1, 'takenBack' => true]);
    expect(aheadOf($case)->number('outlooks.0.days.7.middle'))->toBe($before);
});
