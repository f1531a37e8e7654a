<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Api\Call;
use App\Records\Glasses;
use Illuminate\Http\JsonResponse;

/** How much coarser than usual this household mixes. */
final class HandController
{
    #[Call('How much coarser than usual this household mixes, by its own stand tests', answer: ['coarseness' => 'number', 'readings' => 'integer'])]
    public function __invoke(Glasses $glasses): JsonResponse
    {
        return new JsonResponse($glasses->hand());
    }
}
