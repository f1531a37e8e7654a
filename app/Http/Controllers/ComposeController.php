<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\ComposedAnswer;
use App\Http\Answer\ComposedAnswers;
use App\Http\Api\Call;
use App\Http\Body;
use App\Http\Input\ComposeInput;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Says what was understood of the lines that somebody types, and what recipe they come to. */
final class ComposeController
{
    #[Call('What typed lines come to; nothing is kept', answer: ComposedAnswer::class, body: '#Composing')]
    public function __invoke(Request $request, ComposedAnswers $answer): JsonResponse
    {
        return new JsonResponse($answer->of(ComposeInput::read(Body::of($request))));
    }
}
