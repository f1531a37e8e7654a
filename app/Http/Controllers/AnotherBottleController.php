<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\AnotherBottleAnswer;
use App\Http\Answer\AnotherBottleAnswers;
use App\Http\Api\Call;
use App\Http\Body;
use App\Http\Input\AnotherBottles;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** One thing of a recipe from another bottle, or with something else in its place. */
final readonly class AnotherBottleController
{
    #[Call('A recipe with one thing of it from another bottle, or something else in its place, and what that may be; nothing is kept', answer: AnotherBottleAnswer::class, body: ['recipe' => '#RecipeDocument', 'ingredient' => 'string', 'percent?' => 'number', 'with?' => 'string'])]
    public function __invoke(Request $request, AnotherBottleAnswers $answer, AnotherBottles $bottles): JsonResponse
    {
        return new JsonResponse($answer->of($bottles->read(Body::of($request))));
    }
}
