<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\GardenAnswers;
use App\Http\Body;
use App\Http\Input\GardenInput;
use App\Http\Input\WeatherInput;
use App\Http\Saved;
use App\Models\WeatherReport;
use App\Records\GardenBook;
use App\Records\Submissions;
use IdleMixer\Core\Weather\DoorReader;
use IdleMixer\Core\Weather\HoursFile;
use IdleMixer\Core\Weather\WeatherReader;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Psr\Clock\ClockInterface;

/** Where the garden lies, and what somebody told of its weather. */
final readonly class GardenController
{
    public function __construct(private GardenAnswers $answer) {}

    public function show(): JsonResponse
    {
        return new JsonResponse(['garden' => $this->answer->now()]);
    }

    public function store(Request $request, GardenBook $garden, WeatherReader $reader): JsonResponse
    {
        $input = GardenInput::read(Body::of($request), $reader);
        $garden->keep($input->sent->basedOn, $input->columns());

        return $this->show();
    }

    public function door(Request $request, ClockInterface $clock): JsonResponse
    {
        $input = WeatherInput::door(Body::of($request), DoorReader::shipped(), $clock->now());
        [, $new] = Submissions::of(WeatherReport::query(), $input->sent->submitted(), $input->columns());

        return new JsonResponse(['garden' => $this->answer->now()], Saved::status($new));
    }

    public function file(Request $request, WeatherReader $reader, ClockInterface $clock): JsonResponse
    {
        $input = WeatherInput::file(Body::of($request), new HoursFile($reader), $clock->now());
        [, $new] = Submissions::of(WeatherReport::query(), $input->sent->submitted(), $input->columns());

        return new JsonResponse(['garden' => $this->answer->now()], Saved::status($new));
    }
}
