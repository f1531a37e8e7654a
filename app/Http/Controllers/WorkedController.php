<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\WorkedAnswers;
use App\Records\SprayRecords;
use Illuminate\Http\JsonResponse;
use Psr\Clock\ClockInterface;

final class WorkedController
{
    public function __invoke(ClockInterface $clock, WorkedAnswers $answer, SprayRecords $records): JsonResponse
    {
        return new JsonResponse(['records' => array_map($answer->of(...), $records->all($clock->now()))]);
    }
}
