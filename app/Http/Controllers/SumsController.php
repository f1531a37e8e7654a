<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\AmountAnswer;
use App\Http\Answer\SumsAnswer;
use App\Http\Answer\SumsAnswers;
use App\Http\Api\Call;
use App\Http\Body;
use App\Http\Input\SumsInput;
use IdleMixer\Core\Recipe\BasisOf;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** One line said in every other way: percent, parts, rates, spoons. */
final class SumsController
{
    #[Call('One line in every other way of saying it', answer: SumsAnswer::class, body: ['line' => 'string', 'make' => AmountAnswer::class, 'of' => BasisOf::class])]
    public function __invoke(Request $request, SumsAnswers $answer): JsonResponse
    {
        return new JsonResponse($answer->of(SumsInput::read(Body::of($request))));
    }
}
