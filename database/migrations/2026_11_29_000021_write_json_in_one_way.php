<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** JSON was written in several ways, with strokes escaped here and not there: from here on in one, so that a log brings it back byte by byte. */
return new class extends Migration {
    private const COLUMNS = [
        'batches' => ['document', 'rescues', 'made'], 'cases' => ['situation'], 'counts' => ['each', 'stages'], 'eye_rounds' => ['guesses'], 'households' => ['by_eye'], 'leaf_readings' => ['leaves'],
        'recipe_versions' => ['document'], 'revisions' => ['before'], 'sprayers' => ['pours'], 'trial_looks' => ['counts'], 'weather_reports' => ['hours'],
    ];

    private const AT_A_TIME = 200;

    public function up(): void
    {
        foreach (self::COLUMNS as $table => $columns) {
            foreach ($columns as $column) {
                DB::table($table)->select(['id', $column])->whereNotNull($column)->where($column, '!=', '')->orderBy('id')->chunkById(self::AT_A_TIME, static function ($rows) use ($table, $column): void {
                    foreach ($rows as $row) {
                        $kept = is_string($row->{$column}) ? $row->{$column} : '';
                        $read = json_decode($kept);
                        $written = json_last_error() === JSON_ERROR_NONE ? json_encode($read, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION) : false;
                        // What cannot be read is left as it is: whoever looks after the notebook as a file says so.
                        if (is_string($written) && $written !== $kept) {
                            DB::table($table)->where('id', $row->id)->update([$column => $written]);
                        }
                    }
                });
            }
        }
    }

    public function down(): void {}
};
