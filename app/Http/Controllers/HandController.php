<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Records\Glasses;
use Illuminate\Http\JsonResponse;

/** How much coarser than usual this household mixes. */
final class HandController
{
    public function __invoke(Glasses $glasses): JsonResponse
    {
        return new JsonResponse($glasses->hand());
    }
}
