<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\CatalogueAnswer;
use App\Http\Answer\CatalogueAnswers;
use App\Http\Api\Call;
use Illuminate\Http\JsonResponse;

final class CatalogueController
{
    #[Call('Everything that can be chosen, in words', answer: CatalogueAnswer::class)]
    public function __invoke(CatalogueAnswers $answer): JsonResponse
    {
        return new JsonResponse($answer->all());
    }
}
