<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\NeedAnswer;
use App\Http\Answer\NeedAnswers;
use App\Http\Api\Call;
use App\Http\Body;
use App\Http\Input\NeedInput;
use IdleMixer\Core\Vessel\NeedTable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** How much to make. */
final class NeedController
{
    #[Call('How much to make for these plants, bed or pots', answer: NeedAnswer::class, body: '#Needing')]
    public function __invoke(Request $request, NeedTable $table): JsonResponse
    {
        return new JsonResponse(NeedAnswers::of(NeedInput::read(Body::of($request), $table)));
    }
}
