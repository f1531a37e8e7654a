<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\FreeDaysAnswer;
use App\Http\Api\Call;
use App\Http\Body;
use App\Http\Input\Sent;
use App\Records\OwnDays;
use IdleMixer\Core\Schedule\FreeDays;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The days on which this household has time for a round. */
final readonly class FreeDaysController
{
    public function __construct(private OwnDays $days) {}

    #[Call('Weekdays on which somebody has time to spray, and when nobody is there', answer: FreeDaysAnswer::class)]
    public function show(): JsonResponse
    {
        return new JsonResponse(FreeDaysAnswer::of($this->days->version(), $this->days->of()));
    }

    #[Call('Say on which days somebody has time to spray', answer: FreeDaysAnswer::class, body: '#NewFreeDays')]
    public function store(Request $request): JsonResponse
    {
        $sent = Sent::toChange(Body::of($request), ['weekdays', 'away']);
        $this->days->keep($sent->basedOn, FreeDays::read($sent->object));

        return $this->show();
    }
}
