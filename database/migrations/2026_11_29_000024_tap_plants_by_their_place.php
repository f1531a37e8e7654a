<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** The steps of a walk named plants by their row numbers, which another notebook gives to others: from here on by their place in it. */
return new class extends Migration {
    public function up(): void
    {
        foreach (DB::table('run_taps')->where('step', 'like', 'plant-%')->orWhere('step', 'like', 'empty-%')->orderBy('id')->get(['id', 'run_id', 'step']) as $tap) {
            if (! is_string($tap->step) || preg_match('/^(plant-|empty-\d+-)(\d+)$/', $tap->step, $said) !== 1) {
                continue;
            }
            $place = DB::table('run_plants')->where('run_id', $tap->run_id)->where('case_id', (int) $said[2])->value('position');
            if (is_int($place)) {
                // Until all of a walk are told anew, two may bear the same name.
                DB::table('run_taps')->where('id', $tap->id)->update(['step' => "new-{$said[1]}{$place}"]);
            }
        }
        DB::table('run_taps')->where('step', 'like', 'new-%')->update(['step' => DB::raw('substr(step, 5)')]);
    }

    public function down(): void {}
};
