<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\BatchAnswer;
use App\Http\Answer\BatchAnswers;
use App\Http\Api\Call;
use App\Http\Body;
use App\Http\RefusedCall;
use App\Http\Saved;
use App\Models\Batch;
use App\Records\BatchBook;
use App\Records\BatchImporter;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Psr\Clock\ClockInterface;

/** Batches as files: out of one notebook, and into another. */
final class BatchFileController
{
    #[Call('A batch as its open document, with what was done with it', answer: '#BatchDocument')]
    public function show(int $id, BatchBook $book): Response
    {
        $batch = Batch::query()->with(['items.scoops.ticks', 'standTests'])->find($id) ?? throw RefusedCall::notFound('batch', $id);

        return new Response($book->document($batch), 200, ['Content-Type' => 'application/json']);
    }

    #[Call('Take in a batch that another notebook wrote', answer: BatchAnswer::class, body: '#BatchDocument', makes: true)]
    public function store(Request $request, BatchImporter $importer, BatchAnswers $answer, ClockInterface $clock): JsonResponse
    {
        [$batch, $new] = $importer->take(Body::of($request), $clock->now());

        return new JsonResponse($answer->whole($batch, $clock->now()), Saved::status($new));
    }
}
