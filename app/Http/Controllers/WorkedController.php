<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\WorkedAnswer;
use App\Records\SprayRecords;
use Illuminate\Http\JsonResponse;
use Psr\Clock\ClockInterface;

final class WorkedController
{
    public function __invoke(ClockInterface $clock, WorkedAnswer $answer): JsonResponse
    {
        return new JsonResponse(['records' => array_map($answer->of(...), SprayRecords::records($clock->now()))]);
    }
}
