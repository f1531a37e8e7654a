<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\ReachAnswer;
use App\Http\Body;
use IdleMixer\Core\Bench\PlanRequestReader;
use IdleMixer\Core\Document\Node;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** How far what is left reaches. */
final class ReachController
{
    private const MOST_LINES = 40;

    public function __invoke(Request $request, PlanRequestReader $requests, ReachAnswer $answer): JsonResponse
    {
        $object = Body::of($request)->object(['request', 'left']);
        $left = array_map(static fn(Node $line): string => $line->text(2000), $object->get('left')->items(1, self::MOST_LINES, 'lines'));

        return new JsonResponse($answer->of($requests->read($object->get('request')), $left));
    }
}
