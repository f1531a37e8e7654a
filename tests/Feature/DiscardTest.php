<?php

declare(strict_types=1);

use App\Models\Batch;
use Tests\Feature\Notebook;

// Common practice, no source: a spray is as old as its mixing is over, not as when somebody began to look for the spoons.
it('keeps a batch from when it was made, not from when its mixing began', function (string $recipe, string $keeping, int $hours): void {
    $id = Notebook::batch(['recipe' => $recipe, 'make' => ['amount' => 1, 'unit' => 'L']])->id();
    $begun = Batch::query()->findOrFail($id)->started_at->modify('-5 hours');
    Batch::query()->whereKey($id)->update(['started_at' => $begun]);
    $made = Notebook::post("/api/batches/{$id}/finish", ['standTest' => 'not-done', 'keeping' => $keeping]);
    $at = static fn(string $key): int => (new DateTimeImmutable($made->text($key)))->getTimestamp();
    expect($at('discardAt') - $at('madeAt'))->toBe(3600 * $hours)->and($at('madeAt') - $begun->getTimestamp())->toBeGreaterThanOrEqual(5 * 3600);
})->with([
    // Neem 8 to 24 h; soap a week, or two months by some; egg milk the same day.
    ['neem-leaf-quart', 'strict', 8], ['neem-leaf-quart', 'patient', 24], ['plain-soap', 'strict', 168], ['plain-soap', 'patient', 1440], ['egg-and-oil-milk', 'strict', 8],
]);
