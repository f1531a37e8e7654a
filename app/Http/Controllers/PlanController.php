<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\BenchPlans;
use App\Http\Api\Call;
use App\Http\Body;
use App\Http\Input\PlantBenches;
use IdleMixer\Core\Bench\BenchReader;
use IdleMixer\Core\Plan\Planner;
use IdleMixer\Core\Writing\PlanWriter;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Works out a plan; nothing is kept. */
final readonly class PlanController
{
    public function __construct(private BenchReader $benches, private Planner $planner, private PlanWriter $writer, private BenchPlans $plans) {}

    /** Of a plan request, as other programs send it. */
    #[Call('Work out a plan; nothing is kept', answer: '#Plan', body: '#PlanRequest')]
    public function request(Request $request): JsonResponse
    {
        return new JsonResponse($this->writer->write($this->planner->plan($this->benches->request(Body::of($request)))));
    }

    /** Of the whole bench, as the screens have it, with what mends it; for a plant by what it had and what is proven on its kind. */
    #[Call('Work out the plan of a whole bench, as the screens have it, and what mends it; nothing is kept', answer: '#BenchPlan', body: '#Bench')]
    public function bench(Request $request, PlantBenches $benches): JsonResponse
    {
        return new JsonResponse($this->plans->of($benches->read(Body::of($request))));
    }
}
