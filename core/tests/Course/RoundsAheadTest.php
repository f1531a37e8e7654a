<?php

declare(strict_types=1);

use IdleMixer\Core\Course\Act;
use IdleMixer\Core\Course\RoundsAhead;
use IdleMixer\Core\Schedule\Development;
use IdleMixer\Core\Schedule\FairTime;
use IdleMixer\Core\Schedule\InTurn;
use IdleMixer\Core\Schedule\Turns;
use IdleMixer\Core\Source\SourceCatalogue;
use IdleMixer\Core\Source\Sourced;

function turnOf(string $recipe, ?int $pace, bool $onSoil = false, int $lasts = 0, ?int $inARow = null): InTurn
{
    $hours = static fn(int $value): Sourced => Sourced::fromRow(['value' => $value, 'unit' => 'h', 'source' => 'practice'], SourceCatalogue::shipped());

    return new InTurn($recipe, $pace, $onSoil ? 'soil' : 'contact', 0.0, 0.0, 0.0, new FairTime($hours(24), $hours(48)), onSoil: $onSoil, lasts: $lasts, inARow: $inARow);
}

/*
 * Written down before the code was asked; common practice, no source: three rounds at least, or as many as it may have in a row;
 * where the temperature is known, until eggs of day 0 have hatched, unless one of the sprays goes on working; where it is not, a
 * rotation twice through, what is poured on soil once only. A round a week with each; eggs here hatch to day 24.
 */
it('ends rounds when practice ends them', function (array $rotation, bool $isWarmthKnown, array $days): void {
    /** @var non-empty-list<InTurn> $rotation */
    $hatching = $isWarmthKnown ? new Development(20.0, 6.0, 24.0, 40.0, 30.0, false) : null;
    expect(array_map(static fn(Act $one): string => "{$one->day} {$one->recipe}", (new RoundsAhead(new Turns([]), []))->infested($rotation, $hatching, null)))->toBe($days);
})->with([
    'one spray, until the last egg hatched' => [[turnOf('soap', 7)], true, ['0 soap', '7 soap', '14 soap', '21 soap', '28 soap']],
    'one spray, nobody knows how warm' => [[turnOf('soap', 7)], false, ['0 soap', '7 soap', '14 soap']],
    'one spray of which two may be in a row' => [[turnOf('soap', 7, inARow: 2)], false, ['0 soap', '7 soap']],
    'one spray of which there is one only' => [[turnOf('soap', 7, inARow: 1)], false, ['0 soap']],
    'one spray of which four may be in a row' => [[turnOf('soap', 7, inARow: 4)], true, ['0 soap', '7 soap', '14 soap', '21 soap']],
    'one spray that goes on working' => [[turnOf('film', 7, lasts: 30)], true, ['0 film', '7 film', '14 film']],
    'one spray that goes on working for a day' => [[turnOf('film', 7, lasts: 1)], true, ['0 film', '7 film', '14 film']],
    'two in turn, until the last egg hatched' => [[turnOf('soap', 7), turnOf('swab', 7)], true, ['0 soap', '7 swab', '14 soap', '21 swab', '28 soap']],
    'two in turn, one of which goes on working' => [[turnOf('soap', 7), turnOf('film', 7, lasts: 30)], true, ['0 soap', '7 film', '14 soap']],
    'two in turn, nobody knows how warm: twice through' => [[turnOf('soap', 7), turnOf('swab', 7)], false, ['0 soap', '7 swab', '14 soap', '21 swab']],
    'one of them on the soil, which is poured once' => [[turnOf('soap', 7), turnOf('drench', 7, onSoil: true)], false, ['0 soap', '7 drench', '14 soap']],
    'one that is done once' => [[turnOf('dormant', null)], false, ['0 dormant']],
]);

// A spray that was changed to has its own inARow: common practice, no source.
it('gives what comes next its rounds, whatever was had before of another', function (array $rotation, array $had, array $next, array $days): void {
    /**
     * @var non-empty-list<InTurn>            $rotation
     * @var non-empty-list<array{int, InTurn}> $had
     * @var array{int, InTurn}                $next
     */
    $laid = (new RoundsAhead(new Turns([]), []))->goneOn($rotation, null, $had, $next, 'due-goes-on');
    expect(array_map(static fn(Act $one): string => "{$one->day} {$one->recipe} {$one->because}", $laid))->toBe($days);
})->with([
    'the same once more, later than its pace' => [[turnOf('soap', 7)], [[0, turnOf('soap', 7)]], [9, turnOf('soap', 7)], ['0 soap had', '9 soap due-goes-on', '16 soap again']],
    'enough were had, and it is asked for once more' => [[turnOf('soap', 7, inARow: 2)], [[0, turnOf('soap', 7)], [7, turnOf('soap', 7)]], [14, turnOf('soap', 7)], ['0 soap had', '7 soap had', '14 soap due-goes-on']],
    'another after two of one' => [[turnOf('oil', 7)], [[0, turnOf('soap', 7)], [7, turnOf('soap', 7)]], [14, turnOf('oil', 7)], ['0 soap had', '7 soap had', '14 oil due-goes-on', '21 oil again', '28 oil again']],
]);
