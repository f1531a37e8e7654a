<?php

declare(strict_types=1);

use App\Declared\Records;
use App\Models\BatchTick;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Tests\Feature\Notebook;

/*
 * Several people in one household: a name on what each writes down, and no key to anything.
 */

afterEach(function (): void {
    Notebook::$who = null;
});

it('puts the name that a device says on every record, and leaves it there when somebody else corrects', function (): void {
    Notebook::$who = 'Ada';
    $case = Notebook::case(Notebook::plant());
    $batch = Notebook::mixed($case);
    Notebook::$who = 'Ben';
    $count = Notebook::post("/api/cases/{$case}/counts", ['submission' => Notebook::submission(), 'value' => 40])->id('saved.id');
    Notebook::$who = null;
    $round = Notebook::post("/api/cases/{$case}/rounds", ['submission' => Notebook::submission(), 'batchId' => $batch, 'override' => 'no leaf test']);
    expect($round->text('counts.0.who'))->toBe('Ben')->and($round->text('rounds.0.who'))->toBe('')
        ->and(Notebook::get("/api/batches/{$batch}")->text('who'))->toBe('Ada')
        ->and(BatchTick::query()->pluck('who')->unique()->all())->toBe(['Ada']);

    Notebook::$who = 'Ada';
    Notebook::change("/api/counts/{$count}", ['value' => 4, 'untreated' => false, 'notes' => '']);
    $history = Notebook::get("/api/counts/{$count}/history");
    expect([$history->text('who'), $history->text('changes.0.who')])->toBe(['Ben', 'Ada'])
        ->and(Notebook::get("/api/cases/{$case}")->text('counts.0.who'))->toBe('Ben')
        ->and(Notebook::get('/api/people')->list('people'))->toBe(['Ada', 'Ben']);
});

it('takes what is no name for nobody, and shows nothing of it', function (string $said, string $kept): void {
    Notebook::$who = $said;
    Notebook::plant();
    expect(DB::table('plants')->value('who'))->toBe($kept);
})->with([
    'nothing' => ['', ''],
    'blanks' => [" \t\u{00A0} ", ''],
    'longer than a name' => [str_repeat('a', 41), ''],
    'as long as one may be' => [str_repeat('ü', 40), str_repeat('ü', 40)],
    'signs that turn the line round' => ["Ada\u{202E}\n Byte", 'Ada Byte'],
    'what is no text' => ["\xC3\x28", ''],
    'a script is a name like any other, and is shown as one' => ['<b>Ada</b>', '<b>Ada</b>'],
]);

it('has a place for the name wherever somebody writes something down', function (): void {
    // What is reckoned, what belongs to a record as a whole, and what a household has once bear none.
    $without = ['batch_items', 'batch_scoops', 'burn_photos', 'course_dues', 'gardens', 'households', 'leaf_photos', 'migrations', 'notebook', 'plant_pictures', 'recipes', 'run_plants', 'stale_cases', 'stale_pests', 'watches', 'weighed_rounds', 'weighed_sprays'];
    foreach (array_filter(Schema::getTableListing(null, false), is_string(...)) as $table) {
        if (! str_starts_with($table, 'sqlite_')) {
            expect(Schema::hasColumn($table, 'who'))->toBe(! in_array($table, $without, true), $table);
            expect(isset(app(Records::class)->signed()[$table]))->toBe(! in_array($table, $without, true), $table);
        }
    }
});
