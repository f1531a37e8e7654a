<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\SumsAnswers;
use App\Http\Body;
use App\Http\Input\SumsInput;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** One line said in every other way: percent, parts, rates, spoons. */
final class SumsController
{
    public function __invoke(Request $request, SumsAnswers $answer): JsonResponse
    {
        return new JsonResponse($answer->of(SumsInput::read(Body::of($request))));
    }
}
