<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\ReachAnswers;
use App\Http\Body;
use IdleMixer\Core\Bench\BenchReader;
use IdleMixer\Core\Document\Node;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** How far what is left reaches. */
final class ReachController
{
    private const MOST_LINES = 40;

    public function __invoke(Request $request, BenchReader $requests, ReachAnswers $answer): JsonResponse
    {
        $object = Body::of($request)->object(['request', 'left']);
        $left = array_map(static fn(Node $line): string => $line->text(2000), $object->get('left')->items(1, self::MOST_LINES, 'lines'));

        return new JsonResponse($answer->of($requests->request($object->get('request')), $left));
    }
}
