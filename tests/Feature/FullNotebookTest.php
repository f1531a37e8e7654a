<?php

declare(strict_types=1);

use App\Models\Plant;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Notebook;
use Tests\Feature\OwnFile;

/*
 * A notebook that may not grow any further, as on a full disk; a real one is filled up in tests/Faults.
 */

it('says that the disk is full, keeps nothing of that call, and goes on once there is room', function (): void {
    OwnFile::during(static function (): void {
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
    OwnFile::during(static function (): void {
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
