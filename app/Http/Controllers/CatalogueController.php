<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\CatalogueAnswers;
use Illuminate\Http\JsonResponse;

final class CatalogueController
{
    public function __invoke(CatalogueAnswers $answer): JsonResponse
    {
        return new JsonResponse($answer->all());
    }
}
