<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\BatchAnswer;
use App\Http\Answer\BatchAnswers;
use App\Http\Api\Call;
use App\Http\Body;
use App\Http\Input\BottleLineInput;
use App\Http\RefusedCall;
use App\Models\Batch;
use App\Records\BottleLines;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Psr\Clock\ClockInterface;

/** What happened to a mix that its plan does not know. */
final readonly class BottleLineController
{
    #[Call('Say what was added to a batch, spilled, or taken in the place of something', answer: BatchAnswer::class, body: '#NewBottleLine', makes: true)]
    public function __invoke(Request $request, int $id, BottleLines $lines, BatchAnswers $answer, ClockInterface $clock): JsonResponse
    {
        $batch = Batch::query()->find($id) ?? throw RefusedCall::notFound('batch', $id);
        $input = BottleLineInput::read(Body::of($request));
        $before = $batch->version;
        $lines->keep($batch, $input->sent->submitted()->key, $input->sent->object, $input->rest, $input->millilitres, $clock->now());
        $batch->refresh();

        return new JsonResponse($answer->whole($batch, $clock->now()), $batch->version > $before ? 201 : 200);
    }
}
