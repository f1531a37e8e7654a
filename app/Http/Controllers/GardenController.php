<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\GardenAnswer;
use App\Http\Answer\GardenAnswers;
use App\Http\Api\Call;
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

    #[Call('Where the garden lies, and whom it asks for the weather', answer: ['garden' => '?' . GardenAnswer::class])]
    public function show(): JsonResponse
    {
        return new JsonResponse(['garden' => $this->answer->now()]);
    }

    #[Call('Say where the garden lies', answer: ['garden' => '?' . GardenAnswer::class], body: ['basedOn' => 'integer', 'place' => '#Place', 'roomCelsius' => 'number', 'source' => ['enum' => ['station', 'file']]])]
    public function store(Request $request, GardenBook $garden, WeatherReader $reader): JsonResponse
    {
        $input = GardenInput::read(Body::of($request), $reader);
        $garden->keep($input->sent->basedOn, $input->columns());

        return $this->show();
    }

    #[Call('Say what the weather is at the door, like “24 C, breeze, dry”', answer: ['garden' => '?' . GardenAnswer::class], body: ['submission' => 'uuid', 'text' => 'string'], makes: true)]
    public function door(Request $request, ClockInterface $clock, DoorReader $reader): JsonResponse
    {
        $input = WeatherInput::door(Body::of($request), $reader, $clock->now());
        [, $new] = Submissions::of(WeatherReport::query(), $input->sent->submitted(), $input->columns());

        return new JsonResponse(['garden' => $this->answer->now()], Saved::status($new));
    }

    #[Call('Bring a file of hours: CSV, or JSON as schemas/weather.schema.json has it', answer: ['garden' => '?' . GardenAnswer::class], body: ['submission' => 'uuid', 'name' => 'string', 'content' => 'string'], makes: true)]
    public function file(Request $request, WeatherReader $reader, ClockInterface $clock): JsonResponse
    {
        $input = WeatherInput::file(Body::of($request), new HoursFile($reader), $clock->now());
        [, $new] = Submissions::of(WeatherReport::query(), $input->sent->submitted(), $input->columns());

        return new JsonResponse(['garden' => $this->answer->now()], Saved::status($new));
    }
}
