<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\CatalogueAnswer;
use Illuminate\Http\JsonResponse;

final class CatalogueController
{
    public function __invoke(CatalogueAnswer $answer): JsonResponse
    {
        return new JsonResponse($answer->all());
    }
}
