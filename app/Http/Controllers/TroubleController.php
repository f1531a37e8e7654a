<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\DiagnosisAnswer;
use App\Http\Answer\DiagnosisAnswers;
use App\Http\Answer\TroublesAnswer;
use App\Http\Api\Call;
use App\Http\Body;
use App\Http\Input\SeenInput;
use App\Records\Heres;
use IdleMixer\Core\Trouble\Diagnosis;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Psr\Clock\ClockInterface;

final readonly class TroubleController
{
    public function __construct(private DiagnosisAnswers $answer, private Heres $heres, private ClockInterface $clock) {}

    #[Call('Signs that can be ticked, and what they may point to', answer: TroublesAnswer::class)]
    public function index(): JsonResponse
    {
        return new JsonResponse($this->answer->catalogue());
    }

    #[Call('From signs to suspects, with reasons and the looks that tell them apart', answer: DiagnosisAnswer::class, body: '#Seen')]
    public function diagnose(Request $request, TroubleCatalogue $catalogue): JsonResponse
    {
        $input = SeenInput::read(Body::of($request), $catalogue);

        return new JsonResponse($this->answer->of(new Diagnosis($catalogue, $input->seen, $this->heres->of($input->plant, $this->clock->now()))));
    }
}
