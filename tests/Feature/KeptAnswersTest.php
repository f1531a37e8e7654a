<?php

declare(strict_types=1);

use App\Notebook\KeptAnswers;
use App\Records\Fresh;
use IdleMixer\Core\Habit\Clock;
use IdleMixer\Core\Habit\Habits;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Answer;
use Tests\Feature\Notebook;
use Tests\Feature\OwnFile;

/*
 * What is answered again without being worked out is what would have been worked out: the same minute, the same notebook, the same way of
 * writing. That a file of SQLite may not be opened and closed beside the one that is open: https://www.sqlite.org/howtocorrupt.html, 2.2.
 */

const OPENED_ON = ['/api/today?zone=Europe/Vienna', '/api/cases/1', '/api/cases/1/ahead', '/api/plants/1', '/api/day', '/api/rows', '/api/cases', '/api/batches', '/api/worked', '/api/courses', '/api/trials', '/api/leaf-tests'];

beforeEach(function (): void {
    Date::setTestNow('2026-06-01T18:00:10Z');
});

/** @return array{Answer, int} what was answered, and how many questions that put to the notebook */
function askedOf(string $path): array
{
    DB::enableQueryLog();
    DB::flushQueryLog();
    $answer = Notebook::get($path);

    return [$answer, count(DB::getQueryLog())];
}

/** A plant with a trouble; its number. */
function troubled(string $name): int
{
    $plant = Notebook::sent('/api/plants', ['name' => $name, 'tolerance' => 'ordinary-leaf'])->id();
    Notebook::sent('/api/cases', ['pest' => 'aphids', 'plantId' => $plant]);
    // What waits to be weighed is weighed by who asks first, which writes.
    app(Fresh::class)->all();

    return $plant;
}

it('works out what a screen opens on once while nothing is written', function (): void {
    OwnFile::during(static function (): void {
        troubled('Aster');
        foreach (OPENED_ON as $path) {
            [$first, $work] = askedOf($path);
            [$again, $least] = askedOf($path);
            expect($first->status)->toBe(200)->and($again->text)->toBe($first->text)
                ->and($work)->toBeGreaterThan($least)->and($least)->toBeLessThanOrEqual(2);
        }
    });
});

it('sees what anybody has written, at once', function (Closure $write): void {
    OwnFile::during(static function () use ($write): void {
        troubled('Aster');
        expect(Notebook::get('/api/today')->number('plants'))->toBe(1.0)->and(Notebook::get('/api/plants/1')->text('plant.name'))->toBe('Aster');
        $write();
        expect(Notebook::get('/api/plants/1')->text('plant.name'))->toBe('Rose');
    });
})->with([
    'by a call' => [static fn() => Notebook::change('/api/plants/1', ['name' => 'Rose', 'tolerance' => 'ordinary-leaf'])],
    'by hand on this connection' => [static fn() => DB::update("update plants set name = 'Rose'")],
    'by hand within a transaction' => [static fn() => DB::transaction(static fn() => DB::update("update plants set name = 'Rose'"))],
]);

it('never answers with what was there before, whatever is written in between', function (): void {
    OwnFile::during(static function (): void {
        $plants = [troubled('Aster')];
        mt_srand(36);
        for ($turn = 0; $turn < 16; ++$turn) {
            match (mt_rand(0, 4)) {
                0 => $plants[] = troubled("Rose {$turn}"),
                1 => Notebook::sent('/api/cases/' . mt_rand(1, count($plants)) . '/counts', ['value' => mt_rand(0, 50)]),
                2 => Notebook::change('/api/plants/' . $plants[array_rand($plants)], ['name' => "Aster {$turn}", 'tolerance' => 'ordinary-leaf']),
                3 => Date::setTestNow(Date::now()->addSeconds(mt_rand(1, 90))),
                default => null,
            };
            foreach (['/api/today', '/api/rows', '/api/cases/1', '/api/plants/1'] as $path) {
                $kept = json_decode(Notebook::get($path)->text, true);
                app(KeptAnswers::class)->forget();
                $anew = json_decode(Notebook::get($path)->text, true);
                expect(withoutSeconds($kept))->toBe(withoutSeconds($anew), "{$path} in turn {$turn}");
            }
        }
    });
});

/** What stands still within a minute: the moment of the answer itself does not. */
function withoutSeconds(mixed $answer): string
{
    return (string) preg_replace('/"(now|from|until)":"[^"]*"/', '', (string) json_encode($answer));
}

it('is worked out anew in another minute, for a household that writes otherwise, and where nothing was found', function (): void {
    OwnFile::during(static function (): void {
        troubled('Aster');
        [$first] = askedOf('/api/day');
        Notebook::$writes = (new Habits(Clock::Twelve))->code();
        expect(askedOf('/api/day')[1])->toBeGreaterThan(2);
        Notebook::$writes = null;
        Date::setTestNow('2026-06-01T18:00:59Z');
        expect(askedOf('/api/day')[0]->text)->toBe($first->text);
        Date::setTestNow('2026-06-01T18:01:00Z');
        expect(askedOf('/api/day')[1])->toBeGreaterThan(2);
        expect(Notebook::get('/api/plants/2')->status)->toBe(404);
        DB::insert("insert into plants (id, submission, name, tolerance, created_at, updated_at) select 2, 'other', 'Rose', tolerance, created_at, updated_at from plants");
        expect(Notebook::get('/api/plants/2')->text('plant.name'))->toBe('Rose');
    });
});

it('leaves the locks of this process on the notebook as they are', function (): void {
    OwnFile::during(static function (): void {
        troubled('Aster');
        Notebook::get('/api/today');
        $path = DB::getDatabaseName();
        // The process holds one lock on the index of the log as long as it has it open (https://www.sqlite.org/walformat.html, 2.3.2).
        $held = static fn(): int => substr_count((string) file_get_contents('/proc/locks'), ':' . fileinode("{$path}-shm") . ' ');
        $before = $held();
        Notebook::get('/api/today');
        Notebook::get('/api/cases/1');
        expect($before)->toBeGreaterThan(0)->and($held())->toBe($before);
    });
});

it('keeps what was answered where a call only asked, and forgets it where it wrote', function (): void {
    OwnFile::during(static function (): void {
        troubled('Aster');
        $written = static fn(): mixed => DB::table('notebook')->value('written');
        /** @var array<string, mixed> $situation */
        $situation = Notebook::get('/api/cases/1')->at('situation');
        /** @param array<string, mixed> $over */
        $choose = static fn(array $over = []): int => Notebook::post('/api/cases/1/choice', json_encode([...$situation, ...$over], \JSON_THROW_ON_ERROR))->status;
        expect($choose())->toBe(200);
        app(Fresh::class)->all();
        [$case] = askedOf('/api/cases/1');
        $before = $written();
        // Who opens the bench again says what was said before, some minutes later, too.
        expect($choose())->toBe(200)->and($written())->toBe($before);
        [$again, $work] = askedOf('/api/cases/1');
        expect($again->text)->toBe($case->text)->and($work)->toBeLessThanOrEqual(2);
        Date::setTestNow('2026-06-01T18:20:10Z');
        expect($choose())->toBe(200)->and($written())->toBe($before)
            ->and($choose(['severity' => 'heavy']))->toBe(200)->and($written())->not->toBe($before);
    });
});

it('counts a transaction that wrote, by whichever way, and none that did not', function (): void {
    OwnFile::during(static function (): void {
        troubled('Aster');
        $written = static fn(): mixed => DB::table('notebook')->value('written');
        $before = $written();
        DB::transaction(static fn(): mixed => DB::table('plants')->first());
        DB::transaction(static fn(): int => DB::update('update plants set name = name where 0'));
        expect($written())->toBe($before);
        foreach ([static fn(): mixed => DB::update('update plants set notes = ?', ['by the door']), static fn(): mixed => DB::delete('delete from cases'), static fn(): mixed => DB::unprepared("insert into plants (submission, name, tolerance) values ('6f7f2f10-0000-4000-8000-000000000001', 'Fern', 'ordinary-leaf')")] as $write) {
            $was = $written();
            DB::transaction($write);
            expect($written())->not->toBe($was);
        }
    });
});
