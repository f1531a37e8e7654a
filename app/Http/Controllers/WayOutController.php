<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\WayOutAnswer;
use App\Http\Answer\WayOutAnswers;
use App\Http\Api\Call;
use App\Http\Body;
use App\Http\Input\WayOutInput;
use IdleMixer\Core\Bench\BenchReader;
use IdleMixer\Core\Plan\Planner;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What may be in the sprayer after a slip, and what to do about it. Nothing is kept. */
final class WayOutController
{
    #[Call('What a slip made of a load, and the ways out; nothing is kept', answer: WayOutAnswer::class, body: '#Slipped')]
    public function __invoke(Request $request, BenchReader $benches, Planner $planner, WayOutAnswers $answer): JsonResponse
    {
        $input = WayOutInput::read(Body::of($request), $benches, $planner);

        return new JsonResponse($answer->now($input->at, $input->slips));
    }
}
