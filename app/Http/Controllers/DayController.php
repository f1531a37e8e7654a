<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\DayAnswer;
use App\Http\Answer\DayAnswers;
use App\Http\Api\Call;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Psr\Clock\ClockInterface;

/** The hours of the coming week for a spray. */
final class DayController
{
    #[Call('The hours of the coming week for a spray, plant by plant', answer: DayAnswer::class, query: ['spray' => ['type' => 'string'], 'plant' => ['type' => 'integer']])]
    public function __invoke(Request $request, DayAnswers $answer, ClockInterface $clock): JsonResponse
    {
        $spray = $request->query('spray', '');
        $plant = $request->query('plant');

        return new JsonResponse($answer->of(is_string($spray) ? $spray : '', is_string($plant) && ctype_digit($plant) ? (int) $plant : null, $clock->now()));
    }
}
