<?php

declare(strict_types=1);

use IdleMixer\Core\Weather\KeptWeather;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** The weather of a round and a walk was kept as a sentence: from here on in figures; a sentence that has none in it stays beside them. */
return new class extends Migration {
    private const AT_A_TIME = 200;

    public function up(): void
    {
        foreach (['rounds', 'runs'] as $table) {
            DB::table($table)->select(['id', 'weather'])->where('weather', '!=', '')->orderBy('id')->chunkById(self::AT_A_TIME, static function ($rows) use ($table): void {
                foreach ($rows as $row) {
                    $kept = is_string($row->weather) ? KeptWeather::kept($row->weather) : null;
                    if ($kept !== null) {
                        DB::table($table)->where('id', $row->id)->update(['weather' => $kept->json()]);
                    }
                }
            });
        }
    }

    public function down(): void {}
};
