<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * What was said of looking over a neighbour named its case, and so spoke of all of them that were due at that moment. From here on each
 * neighbour has its own: what was said is said of every one that it spoke of.
 */
return new class extends Migration {
    public function up(): void
    {
        foreach (DB::table('task_moves')->where('kind', 'look-over')->get() as $move) {
            $row = (array) $move;
            foreach (DB::table('watches')->where('case_id', $row['ref'])->where('due_at', $row['due_at'])->orderBy('id')->pluck('id') as $i => $watch) {
                $i === 0
                    ? DB::table('task_moves')->where('id', $row['id'])->update(['ref' => $watch])
                    : DB::table('task_moves')->insert([...array_diff_key($row, ['id' => 0]), 'ref' => $watch, 'submission' => (string) Str::uuid(), 'content' => null]);
            }
        }
    }

    public function down(): void
    {
        foreach (DB::table('task_moves')->where('kind', 'look-over')->pluck('ref', 'id') as $id => $watch) {
            DB::table('task_moves')->where('id', $id)->update(['ref' => DB::table('watches')->where('id', $watch)->value('case_id')]);
        }
    }
};
