<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\WayOutAnswer;
use App\Http\Body;
use App\Http\Input\WayOutInput;
use IdleMixer\Core\Bench\PlanRequestReader;
use IdleMixer\Core\Plan\Planner;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What may be in the sprayer after a slip, and what to do about it. Nothing is kept. */
final class WayOutController
{
    public function __invoke(Request $request, PlanRequestReader $requests, Planner $planner, WayOutAnswer $answer): JsonResponse
    {
        return new JsonResponse($answer->of(WayOutInput::read(Body::of($request), $requests, $planner)));
    }
}
