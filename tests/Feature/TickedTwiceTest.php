<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Date;
use Tests\Feature\Answer;
use Tests\Feature\Notebook;

/*
 * Two devices that were apart may each have ticked the same spoonful: nobody knows whether one or two went in, so that both are reckoned with.
 * Common practice, no source.
 */

/** What a device entered so many seconds ago, without a line, arrives. */
function tickedApart(Answer $batch, int $number, int $ago): Answer
{
    $acted = Date::now()->subSeconds($ago)->toIso8601ZuluString();

    return Notebook::put("/api/batches/{$batch->id()}/scoops/{$batch->id('items.0.scoops.0.id')}/ticks/{$number}", ['ticked' => true], ['HTTP_DEVICE_CLOCK' => Date::now()->toIso8601ZuluString(), 'HTTP_ACTED_AT' => $acted]);
}

beforeEach(function (): void {
    Date::setTestNow('2026-06-10T18:00:00Z');
});

it('says that two may have gone in where two devices ticked one spoonful while they were apart', function (): void {
    $batch = Notebook::batch(['recipe' => 'plain-soap', 'make' => ['amount' => 1, 'unit' => 'L'], 'measures' => [['amount' => 5, 'unit' => 'mL']]]);
    Notebook::put("/api/batches/{$batch->id()}/scoops/{$batch->id('items.0.scoops.0.id')}/ticks/1", ['ticked' => true]);
    // The same tap, sent twice by one device, is one.
    expect(tickedApart($batch, 1, 2)->list('again'))->toBe([])->and(Notebook::get("/api/batches/{$batch->id()}")->list('items.0.scoops.0.again'))->toBe([]);
    // Another device ticked it ten minutes before, where no line was.
    expect(tickedApart($batch, 1, 600)->list('again'))->toBe([1]);
    Notebook::put("/api/batches/{$batch->id()}/scoops/{$batch->id('items.0.scoops.0.id')}/ticks/2", ['ticked' => true]);
    Notebook::post("/api/batches/{$batch->id()}/finish", ['standTest' => 'even']);
    // Two of 5 mL in a litre are 1 %; with a third that may be in, up to 1.5 %.
    $made = Notebook::get("/api/batches/{$batch->id()}");
    expect($made->at('actual.sure'))->toBeFalse()->and((string) json_encode($made->at('actual')))->toContain('1.5');
    // It comes along with the notebook's own document.
    expect(Notebook::get("/api/batches/{$batch->id()}/document")->list('record.ticks'))->toHaveCount(2)->and(Notebook::get("/api/batches/{$batch->id()}/document")->text('record.ticks.0.again'))->toBe('2026-06-10T17:50:00Z');
});
