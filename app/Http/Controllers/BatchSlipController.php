<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\BatchAnswer;
use App\Http\Answer\WayOutAnswer;
use App\Http\Body;
use App\Http\RefusedCall;
use App\Models\Batch;
use App\Records\BatchSlips;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\WayOut\RemedyKind;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Psr\Clock\ClockInterface;

/** Slips while a batch is mixed: what they made, and which way out was taken. */
final readonly class BatchSlipController
{
    public function __construct(private BatchSlips $slips) {}

    public function ask(Request $request, int $id, int $load, WayOutAnswer $answer): JsonResponse
    {
        $slips = Body::of($request)->object(['slips'])->get('slips');

        return new JsonResponse($answer->of($this->slips->input($this->find($id), new Node($load, '/load'), $slips)));
    }

    public function keep(Request $request, int $id, int $load, BatchAnswer $answer, ClockInterface $clock): JsonResponse
    {
        $object = Body::of($request)->object(['slips', 'remedy']);
        $kind = RemedyKind::from($object->get('remedy')->word(array_column(RemedyKind::cases(), 'value'), 'way out'));
        $batch = $this->find($id);
        if ($batch->made_at !== null) {
            throw RefusedCall::conflict('This batch is finished; what went into it stays as it was saved.');
        }
        $slips = $object->get('slips');
        $this->slips->keep($batch, $load, $slips, $kind, $this->slips->input($batch, new Node($load, '/load'), $slips));
        if ($kind === RemedyKind::Discard) {
            $batch->update(['discarded_at' => $clock->now()]);
        }

        return new JsonResponse($answer->whole($batch, $clock->now()));
    }

    private function find(int $id): Batch
    {
        return Batch::query()->find($id) ?? throw RefusedCall::notFound('batch', $id);
    }
}
