<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Body;
use App\Http\Input\CircumstancesInput;
use App\Http\Input\HandInput;
use App\Http\Input\ScaleInput;
use IdleMixer\Core\Bench\PlanRequestReader;
use IdleMixer\Core\Emulsion\Agitation;
use IdleMixer\Core\Plan\Planner;
use IdleMixer\Core\Writing\PlanWriter;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class PlanController
{
    public function __invoke(Request $request, PlanRequestReader $reader, Planner $planner, PlanWriter $writer): JsonResponse
    {
        $plan = $planner->plan(
            $reader->read(Body::of($request)),
            HandInput::read($request->query('hand', '1')),
            HandInput::agitation($request->query('agitation', Agitation::HandShake->value)),
            CircumstancesInput::ofQuery($request->query->all()),
            ScaleInput::ofQuery($request->query('scale')),
        );

        return new JsonResponse($writer->write($plan));
    }
}
