<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Api\Call;
use App\Http\Body;
use IdleMixer\Core\Ask\Gate;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Whether a spray may go on a plant now, as other programs ask; nothing is kept. */
final readonly class GateController
{
    #[Call('Ask whether a spray may go on a plant now; nothing is kept', answer: '#GateDocument', body: '#GateRequest')]
    public function __invoke(Request $request, Gate $gate): JsonResponse
    {
        return new JsonResponse($gate->answer(Body::of($request)));
    }
}
