<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\BatchAnswer;
use App\Http\Answer\BatchAnswers;
use App\Http\Answer\WayOutAnswer;
use App\Http\Answer\WayOutAnswers;
use App\Http\Api\Call;
use App\Http\Body;
use App\Http\RefusedCall;
use App\Models\Batch;
use App\Records\BatchBook;
use App\Records\BatchSlips;
use IdleMixer\Core\Batch\AsTicked;
use IdleMixer\Core\Batch\BatchRecord;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\WayOut\RemedyKind;
use IdleMixer\Core\WayOut\SlipReader;
use IdleMixer\Core\Words\Say;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Psr\Clock\ClockInterface;

/** Slips while a batch is mixed: what they made, and which way out was taken. */
final readonly class BatchSlipController
{
    public function __construct(private BatchBook $book) {}

    #[Call('What a slip made of a load, and the ways out; nothing is kept', answer: WayOutAnswer::class, body: ['slips' => ['type' => 'array', 'minItems' => 1, 'maxItems' => 10, 'items' => ['$ref' => '#/components/schemas/Slip']]])]
    public function ask(Request $request, int $id, int $load, WayOutAnswers $answer): JsonResponse
    {
        $said = Body::of($request)->object(['slips'])->get('slips');
        $batch = $this->find($id);
        $record = $this->book->record($batch);
        $number = self::load($record, $load);
        $ticked = AsTicked::of(SlipReader::read($said, $record->load($number)), $this->book->history($batch, $record), $number, $record->load($number));

        return new JsonResponse($answer->of($record->atHand($number), $ticked->slips, $record->limits, $record->sources, $ticked->halfWater));
    }

    #[Call('Keep a slip and the way out that was taken', answer: BatchAnswer::class, body: ['basedOn' => ['type' => 'integer', 'minimum' => 0], 'slips' => ['type' => 'array', 'minItems' => 1, 'maxItems' => 10, 'items' => ['$ref' => '#/components/schemas/Slip']], 'remedy' => RemedyKind::class])]
    public function keep(Request $request, int $id, int $load, BatchSlips $slips, BatchAnswers $answer, ClockInterface $clock): JsonResponse
    {
        $object = Body::of($request)->object(['basedOn', 'slips', 'remedy']);
        $kind = RemedyKind::from($object->get('remedy')->word(array_column(RemedyKind::cases(), 'value'), Say::it('calls/batch-slip-controller.way-out')));
        $batch = $this->find($id);
        $record = $this->book->record($batch);
        $number = self::load($record, $load);
        if ($number <= count(BatchBook::mixed($batch, $record))) {
            throw RefusedCall::conflict(Say::it('calls/batch-slip-controller.this-batch-finished-what-went'));
        }
        $slips->keep($batch, $object->get('basedOn')->whole(0, \PHP_INT_MAX), $number, $object->get('slips'), $kind);
        if ($kind === RemedyKind::Discard) {
            $batch->update(['discarded_at' => $clock->now()]);
        }

        return new JsonResponse($answer->whole($batch, $clock->now()));
    }

    private static function load(BatchRecord $record, int $load): int
    {
        return (new Node($load, '/load'))->whole(1, count($record->loads));
    }

    private function find(int $id): Batch
    {
        return Batch::query()->find($id) ?? throw RefusedCall::notFound('batch', $id);
    }
}
