<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\BatchAnswers;
use App\Http\Answer\TallyScoopAnswer;
use App\Http\Api\Call;
use App\Http\Body;
use App\Http\Clock\CallClock;
use App\Http\RefusedCall;
use App\Models\Batch;
use App\Models\BatchTick;
use App\Models\Who;
use App\Records\BatchBook;
use App\Records\Scoops;
use DateTimeImmutable;
use IdleMixer\Core\Batch\InOrder;
use IdleMixer\Core\Batch\Tick;
use IdleMixer\Core\Words\Say;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Ticks one spoonful, or takes the tick back. Doing it twice is doing it once. */
final readonly class TallyController
{
    public function __construct(private BatchBook $book, private CallClock $clock, private Who $who) {}

    #[Call('Tick one spoonful, or take the tick back', answer: TallyScoopAnswer::class, body: ['ticked' => 'boolean'])]
    public function __invoke(Request $request, int $id, int $scoop, int $number): JsonResponse
    {
        $ticked = Body::of($request)->object(['ticked'])->get('ticked')->flag();
        $batch = Batch::query()->find($id) ?? throw RefusedCall::notFound('batch', $id);
        $record = $this->book->record($batch);
        $row = Scoops::find($batch->id, $record, $scoop) ?? throw RefusedCall::notFound(Say::it('calls/tally-controller.measure-in-this-batch-with'), $scoop);
        if ($row->item->load <= count(BatchBook::mixed($batch, $record))) {
            throw RefusedCall::conflict(Say::it('calls/tally-controller.this-batch-finished-its-tally'));
        }
        $fills = BatchAnswers::scoop($row, $row->item, $record, $scoop)->count;
        if ($number < 1 || $number > $fills) {
            throw RefusedCall::notFound(Say::it('calls/tally-controller.spoonful-this-measure-filled-times', ['number' => $number, 'fills' => $fills]), $number);
        }
        $ticked
            ? $this->tick($row->id, $number, InOrder::ofTick($this->clock->now(), $row->item->load, BatchBook::lines($batch, $record)))
            : BatchTick::query()->where('batch_scoop_id', $row->id)->where('number', $number)->delete();

        return new JsonResponse(BatchAnswers::scoop($row->load('ticks'), $row->item, $record, $scoop));
    }

    /** What waited on a device that was apart, and was ticked elsewhere at another time, may be a second spoonful. */
    private function tick(int $scoop, int $number, DateTimeImmutable $at): void
    {
        $new = BatchTick::query()->insertOrIgnore(['batch_scoop_id' => $scoop, 'number' => $number, 'ticked_at' => $at->format('Y-m-d H:i:s'), 'who' => $this->who->name()]);
        $before = $new > 0 || ! $this->clock->hasWaited() ? null : BatchTick::query()->where('batch_scoop_id', $scoop)->where('number', $number)->first();
        if ($before !== null && Tick::isAnother($before->ticked_at, $at)) {
            BatchTick::query()->where('batch_scoop_id', $scoop)->where('number', $number)->update(['again_at' => $at->format('Y-m-d H:i:s')]);
        }
    }
}
