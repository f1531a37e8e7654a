<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\DrawnLeafAnswer;
use App\Http\Answer\EyeAnswer;
use App\Http\Answer\EyeAnswers;
use App\Http\Api\Call;
use App\Http\Body;
use App\Http\Input\EyeInput;
use App\Http\Saved;
use App\Models\EyeRound;
use App\Records\Submissions;
use IdleMixer\Core\Data\LeafLines;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Leaf\DrawnLeaf;
use IdleMixer\Core\Leaf\EyeTest;
use IdleMixer\Core\Leaf\LeafDrawer;
use IdleMixer\Core\Leaf\LeafShape;
use IdleMixer\Core\Words\Say;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Psr\Clock\ClockInterface;

/** Drawn leaves: those a look is compared with, and those an eye is trained on. */
final class EyeController
{
    #[Call('Drawn leaves of known injury', answer: ['drawings' => [DrawnLeafAnswer::class]], also: [422])]
    public function drawings(string $shape): JsonResponse
    {
        $kind = $this->shape($shape);

        return new JsonResponse(['drawings' => array_map(static fn(float $share): DrawnLeafAnswer => DrawnLeafAnswer::of(LeafDrawer::draw($kind, $share, (int) $share + 1), $share), LeafLines::DRAWN['value'])]);
    }

    #[Call('Ten drawn leaves to train an eye on', answer: ['leaves' => [DrawnLeafAnswer::class]], also: [422])]
    public function show(string $shape, int $seed): JsonResponse
    {
        $leaves = EyeTest::of($this->shape($shape), $seed)->leaves();

        // What is to be guessed is not told.
        return new JsonResponse(['leaves' => array_map(static fn(DrawnLeaf $leaf): DrawnLeafAnswer => DrawnLeafAnswer::of($leaf, null), $leaves)]);
    }

    #[Call('Say what the eye read', answer: EyeAnswer::class, body: ['submission' => 'uuid', 'shape' => '#LeafShape', 'seed' => 'integer', 'guesses' => ['number']], makes: true)]
    public function store(Request $request, EyeAnswers $answer, ClockInterface $clock): JsonResponse
    {
        $input = EyeInput::read(Body::of($request));
        [$round, $new] = Submissions::of(EyeRound::query(), $input->sent->submitted(), [
            'seed' => $input->seed,
            'shape' => $input->shape->value,
            'guesses' => json_encode($input->guesses, \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION),
            'guessed_at' => $clock->now(),
        ]);

        return new JsonResponse($answer->of($round), Saved::status($new));
    }

    #[Call('How the eye read last', answer: ['eye' => '?' . EyeAnswer::class])]
    public function latest(EyeAnswers $answer): JsonResponse
    {
        $round = EyeRound::query()->orderByDesc('id')->first();

        return new JsonResponse(['eye' => $round === null ? null : $answer->of($round)]);
    }

    private function shape(string $shape): LeafShape
    {
        return LeafShape::from((new Node($shape, '/shape'))->word(array_column(LeafShape::cases(), 'value'), Say::it('calls/eye-controller.shape-of-leaf')));
    }
}
