<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\ReachAnswer;
use App\Http\Answer\ReachAnswers;
use App\Http\Api\Call;
use App\Http\Body;
use IdleMixer\Core\Bench\BenchReader;
use IdleMixer\Core\Document\Node;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** How far what is left reaches. */
final class ReachController
{
    private const MOST_LINES = 40;

    #[Call('How far what is left reaches', answer: ReachAnswer::class, body: ['request' => '#PlanRequest', 'left' => ['type' => 'array', 'minItems' => 1, 'maxItems' => 40, 'items' => ['type' => 'string']]])]
    public function __invoke(Request $request, BenchReader $requests, ReachAnswers $answer): JsonResponse
    {
        $object = Body::of($request)->object(['request', 'left']);
        $left = array_map(static fn(Node $line): string => $line->text(2000), $object->get('left')->items(1, self::MOST_LINES, 'lines'));

        return new JsonResponse($answer->of($requests->request($object->get('request')), $left));
    }
}
