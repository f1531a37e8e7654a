<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What the gardener chose to spray on a case from then on, in turn; null where it goes on as it was begun. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('cases', static function (Blueprint $table): void {
            $table->text('turns')->nullable();
            $table->dateTime('turns_chosen_at')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('cases', static fn(Blueprint $table) => $table->dropColumn(['turns', 'turns_chosen_at']));
    }
};
