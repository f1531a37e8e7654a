<?php

declare(strict_types=1);

use App\Models\Plant;
use App\Notebook\Forward;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Notebook;

/*
 * A notebook that may not grow any further, as on a full disk; a real one is filled up in tests/Faults.
 */

/** Runs over a notebook in a file of its own. */
function inAFile(Closure $do): void
{
    $path = (string) tempnam(sys_get_temp_dir(), 'notebook');
    unlink($path);
    app(Forward::class)->bring($path);
    config(['database.connections.in-a-file' => [...(array) config('database.connections.sqlite'), 'database' => $path]]);
    $before = DB::getDefaultConnection();
    DB::setDefaultConnection('in-a-file');
    try {
        $do();
    } finally {
        DB::purge('in-a-file');
        DB::setDefaultConnection($before);
        foreach ((array) glob("{$path}*") as $left) {
            unlink((string) $left);
        }
    }
}

it('says that the disk is full, keeps nothing of that call, and goes on once there is room', function (): void {
    inAFile(static function (): void {
        $pages = DB::scalar('pragma page_count');
        DB::statement('pragma max_page_count = ' . (is_int($pages) ? $pages : 1));
        $add = static fn() => Notebook::post('/api/plants', ['submission' => Notebook::submission(), 'name' => str_repeat('x', 200), 'tolerance' => 'ordinary-leaf', 'notes' => str_repeat('n', 4000)]);
        $saved = 0;
        do {
            $answer = $add();
            $saved += $answer->status === 201 ? 1 : 0;
        } while ($answer->status === 201 && $saved < 200);
        expect($answer->status)->toBe(507)
            ->and($answer->text('error.message'))->toBe('The disk of the machine that serves is full. Nothing of this was saved. All that was saved before is there. Make room on it, then try again.')
            ->and(Plant::query()->count())->toBe($saved)
            ->and($add()->status)->toBe(507);
        DB::statement('pragma max_page_count = 1073741823');
        expect($add()->status)->toBe(201)->and(Plant::query()->count())->toBe($saved + 1);
    });
});

it('says that another device is writing, with when to try again', function (): void {
    inAFile(static function (): void {
        $path = DB::connection()->getDatabaseName();
        DB::statement('pragma busy_timeout = 50');
        $other = new PDO("sqlite:{$path}");
        $other->exec('begin immediate');
        $answer = Notebook::post('/api/plants', ['submission' => Notebook::submission(), 'name' => 'Aster', 'tolerance' => 'ordinary-leaf']);
        expect($answer->status)->toBe(503)->and($answer->headers['retry-after'] ?? '')->toBe('1')
            ->and($answer->text('error.message'))->toContain('Another device was writing into the notebook all the while. Nothing of this was saved.');
        $other->exec('rollback');
        expect(Notebook::post('/api/plants', ['submission' => Notebook::submission(), 'name' => 'Aster', 'tolerance' => 'ordinary-leaf'])->status)->toBe(201);
    });
});
