<?php

declare(strict_types=1);

use IdleMixer\Core\Batch\BatchRecord;
use IdleMixer\Core\Batch\Finish;
use IdleMixer\Core\Batch\Glass;
use IdleMixer\Core\Batch\History;
use IdleMixer\Core\Batch\HistoryReader;
use IdleMixer\Core\Batch\HistoryWriter;
use IdleMixer\Core\Batch\Keeping;
use IdleMixer\Core\Batch\Made;
use IdleMixer\Core\Batch\MadeWriter;
use IdleMixer\Core\Batch\Rescue;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Tests\Support\Batches;
use IdleMixer\Core\WayOut\RemedyKind;
use IdleMixer\Core\WayOut\SlipReader;
use IdleMixer\Core\Work\StandTest;

/** @param array<string, float> $add */
function rescued(BatchRecord $batch, string $slips, RemedyKind $kind, array $add = [], float $water = 0.0, float $pourOff = 0.0): History
{
    $rescue = new Rescue(SlipReader::read(JsonText::parse($slips), $batch->load(1)), $slips, $kind, $add, $water, $pourOff, 'Done', 'As it was said.');

    return new History(Batches::at(0), Batches::ticks($batch), [1 => $rescue], [], null, null);
}

it('is written and read back to the letter', function (): void {
    $batch = Batches::gallonOfNeem();
    $made = MadeWriter::record(Made::of($batch, Batches::history(Batches::ticks($batch))));
    $slips = '[{"kind":"left-out","item":"castile-soap"}]';
    $rescue = new Rescue(SlipReader::read(JsonText::parse($slips), $batch->load(1)), $slips, RemedyKind::AddMissing, ['castile-soap' => 9.86], 0.0, 0.0, 'Add it', 'Add 2 tsp of it and shake.');
    $history = new History(
        Batches::at(0),
        Batches::ticks($batch, ['castile-soap' => 2]),
        [1 => $rescue],
        [new Glass(Batches::at(9), StandTest::Ring, 45.0, null), new Glass(Batches::at(20), StandTest::Even, null, 80.0)],
        new Finish(Batches::at(30), Batches::at(510), StandTest::Even, Keeping::Strict, "milky, “thin”\nand warm", $made),
        Batches::at(600),
    );
    $written = json_encode(HistoryWriter::write($history), \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION);
    $read = (new HistoryReader($batch))->read(JsonText::parse($written));

    expect(json_encode(HistoryWriter::write($read), \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION))->toBe($written)
        ->and(count($read->ticks))->toBe(2)
        ->and($read->finish?->madeAt)->toEqual(Batches::at(30));
});

it('counts a spoonful once, however often it is told', function (): void {
    $batch = Batches::gallonOfNeem();
    $tick = '{"load":1,"item":"neem-oil","scoop":0,"number":1,"at":"2026-06-01T08:00:00Z"}';
    $history = (new HistoryReader($batch))->read(JsonText::parse('{"startedAt":"2026-06-01T08:00:00Z","ticks":[' . $tick . ',' . $tick . '],"rescues":[],"glasses":[],"finish":null,"discardedAt":null}'));
    expect(count($history->ticks))->toBe(1)
        // One tablespoon of 14.78676478125 mL (NIST Handbook 44, from memory), and no soap.
        ->and($history->scooped(1, $batch->load(1)))->toEqualWithDelta(['neem-oil' => 14.78676478125, 'castile-soap' => 0.0], 1e-9);
});

it('says where a record is wrong', function (string $record, string $at): void {
    $whole = str_replace("'", '"', $record);
    expect(Batches::faultAt(static fn(): History => (new HistoryReader(Batches::gallonOfNeem()))->read(JsonText::parse($whole))))->toBe($at);
})->with([
    ["{'startedAt':'yesterday','ticks':[],'rescues':[],'glasses':[],'finish':null,'discardedAt':null}", '/startedAt'],
    ["{'startedAt':'1999-12-31T08:00:00Z','ticks':[],'rescues':[],'glasses':[],'finish':null,'discardedAt':null}", '/startedAt'],
    ["{'startedAt':'2026-06-01T08:00:00Z','ticks':[{'load':2,'item':'neem-oil','scoop':0,'number':1,'at':'2026-06-01T08:00:00Z'}],'rescues':[],'glasses':[],'finish':null,'discardedAt':null}", '/ticks/0/load'],
    ["{'startedAt':'2026-06-01T08:00:00Z','ticks':[{'load':1,'item':'egg','scoop':0,'number':1,'at':'2026-06-01T08:00:00Z'}],'rescues':[],'glasses':[],'finish':null,'discardedAt':null}", '/ticks/0/item'],
    ["{'startedAt':'2026-06-01T08:00:00Z','ticks':[{'load':1,'item':'neem-oil','scoop':1,'number':1,'at':'2026-06-01T08:00:00Z'}],'rescues':[],'glasses':[],'finish':null,'discardedAt':null}", '/ticks/0/scoop'],
    ["{'startedAt':'2026-06-01T08:00:00Z','ticks':[{'load':1,'item':'neem-oil','scoop':0,'number':3,'at':'2026-06-01T08:00:00Z'}],'rescues':[],'glasses':[],'finish':null,'discardedAt':null}", '/ticks/0/number'],
    ["{'startedAt':'2026-06-01T08:00:00Z','ticks':[],'rescues':[{'load':1,'slips':[],'remedy':'pray','add':[],'water_mL':0,'pour_off_mL':0,'title':'t','words':''}],'glasses':[],'finish':null,'discardedAt':null}", '/rescues/0/slips'],
    ["{'startedAt':'2026-06-01T08:00:00Z','ticks':[],'rescues':[],'glasses':[{'at':'2026-06-01T08:00:00Z','result':'pretty','seconds':null,'height_mm':null}],'finish':null,'discardedAt':null}", '/glasses/0/result'],
    ["{'startedAt':'2026-06-01T08:00:00Z','ticks':[],'rescues':[],'glasses':[{'at':'2026-06-01T08:00:00Z','result':'ring','seconds':-3,'height_mm':null}],'finish':null,'discardedAt':null}", '/glasses/0/seconds'],
    ["{'startedAt':'2026-06-01T08:00:00Z','ticks':[],'rescues':[],'glasses':[],'finish':{'madeAt':'2026-06-01T08:00:00Z','discardAt':'2026-06-01T08:00:00Z','standTest':'even','keeping':'for ever','notes':'','made':null},'discardedAt':null}", '/finish/keeping'],
]);

// By hand, in teaspoons of a gallon of 768.
it('reckons what a way out leaves in the sprayer', function (): void {
    $batch = Batches::gallonOfNeem();
    $percent = static fn(History $history): array => Made::of($batch, $history)->strengths()->groups();

    // Four tablespoons of neem in place of two, and nothing done about it: 12 of 768.
    expect($percent(rescued($batch, '[{"kind":"count","item":"neem-oil","scoop":0,"from":4,"to":4}]', RemedyKind::AsItIs)))->toEqualWithDelta(['oil' => 1200 / 768, 'soap' => 200 / 768], 1e-9)
        // The same, a quarter poured off and water put in its place: three quarters of that.
        ->and($percent(rescued($batch, '[{"kind":"count","item":"neem-oil","scoop":0,"from":4,"to":4}]', RemedyKind::PourOff, water: 3785.411784 / 4, pourOff: 3785.411784 / 4)))->toEqualWithDelta(['oil' => 900 / 768, 'soap' => 150 / 768], 1e-9)
        // The soap left out, and put in afterwards on top: 2 of 770.
        ->and($percent(rescued($batch, '[{"kind":"left-out","item":"castile-soap"}]', RemedyKind::AddMissing, add: ['castile-soap' => 2 * 4.92892159375])))->toEqualWithDelta(['oil' => 600 / 770, 'soap' => 200 / 770], 1e-9)
        // Half a gallon of water too much: all of it in 1152.
        ->and($percent(rescued($batch, '[{"kind":"water","water":{"amount":1.4895833333333333,"unit":"[gal_us]"}}]', RemedyKind::AsItIs)))->toEqualWithDelta(['oil' => 600 / 1152, 'soap' => 200 / 1152], 1e-9);
});

it('keeps both ends where somebody lost count', function (): void {
    $batch = Batches::gallonOfNeem();
    $made = Made::of($batch, rescued($batch, '[{"kind":"count","item":"neem-oil","scoop":0,"from":1,"to":3}]', RemedyKind::AsItIs));
    $record = MadeWriter::record($made);
    $oil = $made->composition()->components['neem-oil'];

    expect([$oil->low, $oil->high])->toEqualWithDelta([300 / 768, 900 / 768], 1e-9)
        ->and($record->sure)->toBeFalse()
        ->and($record->spoken[0])->toBe('0.39 to 1.2 % oil');
});

it('reads slips against what is in the load', function (string $slips, string $at): void {
    expect(Batches::faultAt(static fn() => SlipReader::read(JsonText::parse($slips), Batches::gallonOfNeem()->load(1))))->toBe($at);
})->with([
    ['[]', ''], ['[{"kind":"prayer"}]', '/0/kind'], ['[{"kind":"left-out","item":"egg"}]', '/0/item'], ['[{"kind":"count","item":"neem-oil","scoop":1,"from":1,"to":1}]', '/0/scoop'],
    ['[{"kind":"count","item":"neem-oil","scoop":0,"from":3,"to":2}]', '/0/to'], ['[{"kind":"count","item":"neem-oil","scoop":0,"from":-1,"to":2}]', '/0/from'], ['[{"kind":"count","item":"neem-oil","scoop":0,"from":"x","to":2}]', '/0/from'],
    ['[{"kind":"count","item":"neem-oil","scoop":0,"from":0,"to":10001}]', '/0/to'], ['[{"kind":"measure","item":"neem-oil","scoop":0,"measure":{"amount":1,"unit":"g"}}]', '/0/measure/unit'],
    ['[{"kind":"water","water":{"amount":0,"unit":"L"}}]', '/0/water/amount'], ['[{"kind":"water"}]', '/0'], ['[{"kind":"left-out","item":"neem-oil","moon":1}]', '/0/moon'],
]);

it('reckons what another spoon put in', function (): void {
    $load = Batches::gallonOfNeem()->load(1);
    // Two fills of a fluid ounce in place of two tablespoons: twice as much; one spoonful more of the soap: half as much again.
    $slips = SlipReader::read(JsonText::parse('[{"kind":"measure","item":"neem-oil","scoop":0,"measure":{"amount":1,"unit":"[foz_us]"}},{"kind":"count","item":"castile-soap","scoop":0,"from":3,"to":3}]'), $load);
    expect($slips->items)->toEqualWithDelta(['neem-oil' => [2 * 29.5735295625, 2 * 29.5735295625], 'castile-soap' => [3 * 4.92892159375, 3 * 4.92892159375]], 1e-9)
        ->and($slips->water)->toBeNull();
});
