<?php

declare(strict_types=1);

use App\Notebook\Sqlite;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Notebook;
use Tests\Feature\Shelf;

/*
 * What ./start asks of the console, and what the pages say while the notebook cannot be opened.
 */

beforeEach(function (): void {
    Date::setTestNow('2026-06-01T12:00:00Z');
});

/**
 * @param array<string, mixed> $arguments
 *
 * @return array{int, string}
 */
function askedOfConsole(string $command, array $arguments = []): array
{
    return [Artisan::call($command, $arguments), trim(Artisan::output())];
}

it('weighs anew at a start what was weighed by other rules, and nothing else', function (): void {
    Shelf::filled(app());
    $case = Notebook::case(Notebook::plant());
    Notebook::sent("/api/cases/{$case}/rounds", ['batchId' => Notebook::mixed($case), 'override' => 'It was urgent']);
    Notebook::weighed();
    $weighed = static fn(): array => DB::table('weighed_rounds')->pluck('outcome')->all();
    DB::table('notebook')->count() === 1 || DB::table('notebook')->insert(['mark' => 'here']);
    $was = $weighed();
    expect(askedOfConsole('mixer:open'))->toBe([0, '']);
    DB::table('weighed_rounds')->update(['outcome' => 'worked']);
    askedOfConsole('mixer:open');
    expect($weighed())->toBe(['worked']);
    DB::table('notebook')->update(['weighed_by' => 'the rules of last year']);
    askedOfConsole('mixer:open');
    expect($weighed())->toBe($was)->and($was)->not->toBe(['worked']);
});

it('opens a sound notebook without a word, and folds its log in when it is closed', function (): void {
    $shelf = Shelf::filled(app());
    expect(askedOfConsole('mixer:open'))->toBe([0, '']);
    $writing = Sqlite::open($shelf->notebook);
    $writing->exec("update plants set name = 'Written last' where id = 2");
    expect(filesize("{$shelf->notebook}-wal"))->toBeGreaterThan(0);
    unset($writing);
    expect(askedOfConsole('mixer:close'))->toBe([0, ''])->and(file_exists("{$shelf->notebook}-wal"))->toBeFalse()
        ->and($shelf->number("select count(*) from plants where name = 'Written last'"))->toBe(1);
    rename($shelf->notebook, "{$shelf->folder}/elsewhere.sqlite");
    expect(askedOfConsole('mixer:close'))->toBe([1, "The notebook {$shelf->notebook} is not the file that was served; nothing was folded into it."]);
});

it('tells on every page and to every call why the notebook is not served, until it is', function (): void {
    $shelf = Shelf::filled(app());
    expect(askedOfConsole('mixer:open')[0])->toBe(0);
    $shelf->change('delete from cases where id = 2');
    [$status, $why] = askedOfConsole('mixer:open');
    expect($status)->toBe(3)->and($why)->toStartWith("The notebook {$shelf->notebook} is damaged");
    $page = Notebook::get('/cases/1');
    $call = Notebook::get('/api/cases');
    expect($page->status)->toBe(503)->and($page->text)->toContain('<h1>The notebook cannot be opened</h1>', '<p>The damaged file is kept as it is.</p>', "<code>./start --restore {$shelf->folder}/copies/daily-2026-06-01.sqlite</code>")
        ->and(substr_count($page->text, '<code>'))->toBe(2)
        ->and($call->status)->toBe(503)->and($call->text('error.message'))->toBe($why);

    [$status, $restored] = askedOfConsole('mixer:restore', ['file' => "{$shelf->folder}/copies/daily-2026-06-01.sqlite"]);
    expect($status)->toBe(0)->and($restored)->toEndWith("The notebook is as it was in {$shelf->folder}/copies/daily-2026-06-01.sqlite")
        ->and(Notebook::get('/api/cases')->status)->toBe(200)
        ->and(askedOfConsole('mixer:open'))->toBe([0, '']);
    expect(askedOfConsole('mixer:restore', ['file' => "{$shelf->folder}/none.sqlite"]))->toBe([1, "There is no file {$shelf->folder}/none.sqlite. Nothing was changed."]);
});

it('copies where it is told to, overwrites nothing, and copies nothing where there is none', function (): void {
    $shelf = Shelf::filled(app());
    expect(askedOfConsole('mixer:backup'))->toBe([0, "The notebook is copied to {$shelf->folder}/copies/backup-20260601-120000.sqlite"])
        ->and(askedOfConsole('mixer:backup', ['file' => "{$shelf->folder}/mine.sqlite"]))->toBe([0, "The notebook is copied to {$shelf->folder}/mine.sqlite"])
        ->and(askedOfConsole('mixer:backup', ['file' => "{$shelf->folder}/mine.sqlite"]))->toBe([1, "{$shelf->folder}/mine.sqlite is there already, and is not overwritten: name another file."])
        ->and(askedOfConsole('mixer:backup', ['--daily' => true]))->toBe([0, ''])
        ->and(is_file("{$shelf->folder}/copies/daily-2026-06-01.sqlite"))->toBeTrue();
    [$status, $no] = askedOfConsole('mixer:backup', ['file' => "{$shelf->folder}/no/such/folder/mine.sqlite"]);
    expect($status)->toBe(1)->and($no)->toBe("There is no folder {$shelf->folder}/no/such/folder. Make it first, or name another; nothing was copied.");
    $shelf->change('delete from plants where id = 1');
    [$status, $no] = askedOfConsole('mixer:backup', ['file' => "{$shelf->folder}/damaged.sqlite"]);
    expect($status)->toBe(1)->and($no)->toContain('records have lost what they belong to');
    unlink($shelf->notebook);
    expect(askedOfConsole('mixer:backup'))->toBe([1, "There is no notebook at {$shelf->notebook} to copy."]);
});

it('says in a line what stands in the way of opening', function (): void {
    $shelf = Shelf::bare(app());
    mkdir("{$shelf->notebook}.half");
    touch("{$shelf->notebook}.half/taken");
    [$status, $why] = askedOfConsole('mixer:open', ['--empty' => true]);
    expect($status)->toBe(1)->and($why)->toStartWith("The notebook {$shelf->notebook} could not be opened. ")
        ->and(file_exists($shelf->notebook))->toBeFalse();
});
