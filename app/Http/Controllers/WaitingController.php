<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Api\Call;
use App\Http\Body;
use App\Http\Input\WaitingInput;
use App\Http\WaitingCalls;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What waited on a device, several in one call: each is done as if it had come by itself, in order, until one has to wait on. */
final readonly class WaitingController
{
    public function __construct(private WaitingCalls $calls) {}

    #[Call('What waited on a device, several in one call', answer: ['answers' => [['status' => 'integer', 'mark' => '?string', 'body' => ['description' => 'As that address answers.']]]], body: '#Waiting')]
    public function __invoke(Request $request): JsonResponse
    {
        return JsonResponse::fromJsonString($this->calls->done($request, WaitingInput::all(Body::of($request), WaitingCalls::HEADERS)));
    }
}
