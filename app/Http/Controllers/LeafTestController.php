<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\LeafTestAnswer;
use App\Http\Answer\LeafTestAnswers;
use App\Http\Answer\SavedAnswer;
use App\Http\Api\Call;
use App\Http\Body;
use App\Http\Input\LeafTestInput;
use App\Http\Input\ReadingInput;
use App\Http\RefusedCall;
use App\Http\Saved;
use App\Models\LeafReading;
use App\Models\LeafTest;
use App\Records\Eyes;
use App\Records\FromNotebook;
use App\Records\Submissions;
use IdleMixer\Core\Words\Say;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Psr\Clock\ClockInterface;

final readonly class LeafTestController
{
    public function __construct(private LeafTestAnswers $answer, private ClockInterface $clock) {}

    #[Call('Leaf tests, newest first', answer: ['leafTests' => [LeafTestAnswer::class]])]
    public function index(): JsonResponse
    {
        $now = $this->clock->now();
        $all = LeafTest::query()->with(LeafTestAnswers::WITH)->orderByDesc('applied_at')->orderByDesc('id')->get();

        return new JsonResponse(['leafTests' => $this->answer->all($all, $now)]);
    }

    #[Call('Start a leaf test', answer: LeafTestAnswer::class, body: '#NewLeafTest', makes: true)]
    public function store(Request $request): JsonResponse
    {
        $input = LeafTestInput::read(Body::of($request), $this->clock->now());
        [$test, $new] = Submissions::of(LeafTest::query(), $input->sent->submitted(), $input->columns());

        return $this->say($test, Saved::status($new), new SavedAnswer('leaf-tests', $test->id, $test->submission, $test->version));
    }

    #[Call('One leaf test', answer: LeafTestAnswer::class)]
    public function show(int $id): JsonResponse
    {
        return $this->say($this->find($id), 200);
    }

    #[Call('Say how the leaves look', answer: LeafTestAnswer::class, body: '#NewReading', makes: true)]
    public function read(Request $request, int $id): JsonResponse
    {
        $test = $this->find($id);
        $input = ReadingInput::read(Body::of($request), FromNotebook::testLeaves($test), $test->applied_at, $this->clock->now());
        [$reading, $new] = Submissions::of(LeafReading::query(), $input->sent->submitted()->under("leaf-tests/{$id}"), [
            'leaf_test_id' => $test->id,
            ...$input->columns(Eyes::correction()),
        ]);

        return $this->say($test, Saved::status($new), new SavedAnswer('readings', $reading->id, $reading->submission, $reading->version));
    }

    private function find(int $id): LeafTest
    {
        return LeafTest::query()->find($id) ?? throw RefusedCall::notFound(Say::it('calls/leaf-test-controller.leaf-test'), $id);
    }

    private function say(LeafTest $test, int $status, ?SavedAnswer $saved = null): JsonResponse
    {
        return new JsonResponse($this->answer->of($test, $this->clock->now(), $saved), $status);
    }
}
