<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\HistoryAnswer;
use App\Http\Answer\HistoryAnswers;
use App\Http\Api\Call;
use App\Http\Body;
use App\Http\Input\Sent;
use App\Http\RefusedCall;
use App\Models\Correctable;
use App\Records\Corrections;
use App\Records\Kinds;
use IdleMixer\Core\Words\Say;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Psr\Clock\ClockInterface;

/** Takes records back and puts them back, undoes their last change, and tells what they were. */
final readonly class CorrectionController
{
    public function __construct(private HistoryAnswers $answer, private ClockInterface $clock) {}

    #[Call('Take a plant back, or put it back', answer: HistoryAnswer::class, body: ['basedOn' => ['type' => 'integer', 'minimum' => 0], 'takenBack' => 'boolean'])]
    public function takeBack(Request $request, int $id, string $kind): JsonResponse
    {
        $sent = Sent::toChange(Body::of($request), ['takenBack']);
        $takenBack = $sent->object->get('takenBack')->flag();
        $record = $this->find($kind, $id);
        Corrections::takeBack($record, $sent->basedOn, $takenBack, $this->clock->now());

        return new JsonResponse($this->answer->of($record));
    }

    #[Call('Undo the last change of a plant', answer: HistoryAnswer::class, body: ['basedOn' => ['type' => 'integer', 'minimum' => 0]])]
    public function undo(Request $request, int $id, string $kind): JsonResponse
    {
        $sent = Sent::toChange(Body::of($request), []);
        $record = $this->find($kind, $id);
        Corrections::undo($record, $sent->basedOn, $this->clock->now());

        return new JsonResponse($this->answer->of($record));
    }

    #[Call('What a plant was before', answer: HistoryAnswer::class)]
    public function history(int $id, string $kind): JsonResponse
    {
        return new JsonResponse($this->answer->of($this->find($kind, $id)));
    }

    private function find(string $kind, int $id): Correctable
    {
        $class = Kinds::CORRECTABLE[$kind] ?? throw RefusedCall::notFound(Say::it('calls/correction-controller.kind-of-record'), $kind);

        return $class::query()->withoutGlobalScope(Correctable::TAKEN_BACK)->find($id) ?? throw RefusedCall::notFound('record', $id);
    }
}
