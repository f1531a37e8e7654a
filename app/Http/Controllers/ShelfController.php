<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Declared\Kept\ShelfBottles;
use App\Declared\Records;
use App\Http\Answer\HeardBottleAnswer;
use App\Http\Answer\OnTheShelfAnswer;
use App\Http\Answer\ShelfAnswers;
use App\Http\Answer\ShelfBottleAnswer;
use App\Http\Answer\ShelfCostsAnswer;
use App\Http\Answer\ShelfCostsAnswers;
use App\Http\Answer\ToBuyAnswer;
use App\Http\Api\Call;
use App\Http\Body;
use App\Http\Input\RetiredInput;
use App\Http\Input\Sent;
use App\Http\RefusedCall;
use App\Http\Saved;
use App\Models\PestCase;
use App\Models\Plant;
use App\Models\ShelfBottle;
use App\Models\Sprayer;
use App\Records\Corrections;
use App\Records\Submissions;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Recipe\RecipeReader;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Psr\Clock\ClockInterface;

/** What stands in the house, and what can be made of it. */
final readonly class ShelfController
{
    private ShelfBottles $bottles;

    public function __construct(private ShelfAnswers $answer, Records $records)
    {
        $this->bottles = $records->get(ShelfBottles::class);
    }

    #[Call('All bottles of the shelf, with what is left of each', answer: ['bottles' => [ShelfBottleAnswer::class]])]
    public function index(ClockInterface $clock): JsonResponse
    {
        return new JsonResponse(['bottles' => $this->answer->all($clock->now())]);
    }

    #[Call('What is understood of the words on a bottle', answer: HeardBottleAnswer::class, query: ['words' => ['type' => 'string', 'maxLength' => RecipeReader::MAX_NAME]])]
    public function read(Request $request): JsonResponse
    {
        $words = $request->query('words');

        return new JsonResponse($this->answer->heard(is_string($words) ? mb_substr(trim($words), 0, RecipeReader::MAX_NAME) : ''));
    }

    #[Call('What can be made of the shelf: for a case, a plant, or whatever it may be', answer: OnTheShelfAnswer::class, query: ['case' => ['type' => 'integer'], 'plant' => ['type' => 'integer'], 'sprayer' => ['type' => 'integer']], also: [404])]
    public function made(Request $request, ClockInterface $clock): JsonResponse
    {
        $case = self::number($request, 'case');
        $plant = self::number($request, 'plant');
        $sprayer = self::number($request, 'sprayer');

        return new JsonResponse($this->answer->made(
            $case === null ? null : PestCase::query()->find($case) ?? throw RefusedCall::notFound('case', $case),
            $plant === null ? null : Plant::query()->find($plant) ?? throw RefusedCall::notFound('plant', $plant),
            $sprayer === null ? null : Sprayer::query()->find($sprayer) ?? throw RefusedCall::notFound('sprayer', $sprayer),
            $clock->now(),
        ));
    }

    #[Call('A recipe as this house can make it: from its bottles, with what stands in', answer: ['document' => '#RecipeDocument'], also: [404])]
    public function recipe(string $slug): JsonResponse
    {
        return new JsonResponse(['document' => $this->answer->recipe($slug) ?? throw RefusedCall::notFound('recipe', $slug)]);
    }

    #[Call('What the rounds of the next four weeks take more of than is there, as a list to take along', answer: ['list' => [ToBuyAnswer::class], 'text' => 'string', 'fill' => 'string'])]
    public function list(ClockInterface $clock): JsonResponse
    {
        return new JsonResponse($this->answer->list($clock->now()));
    }

    #[Call('What was mixed this year cost, and what the rounds of the next four weeks will', answer: ShelfCostsAnswer::class)]
    public function costs(ShelfCostsAnswers $costs, ClockInterface $clock): JsonResponse
    {
        return new JsonResponse($costs->all($clock->now()));
    }

    #[Call('Add one to the bottles of the shelf', answer: ShelfBottleAnswer::class, body: '#NewShelfBottle', makes: true)]
    public function store(Request $request, ClockInterface $clock): JsonResponse
    {
        $sent = Sent::opened(Body::of($request), $this->bottles->enteredKeys(), correcting: false);
        [$bottle, $new] = Submissions::of(ShelfBottle::query(), $sent->submitted(), [...$this->bottles->enter($sent->object), 'said_at' => $clock->now()]);

        return new JsonResponse($this->answer->one($bottle->refresh(), $clock->now()), Saved::status($new));
    }

    /** @throws InvalidDocument with the path of the first fault found */
    #[Call('Correct a bottle, or say what is left of it', answer: ShelfBottleAnswer::class, body: '#CorrectedShelfBottle')]
    public function update(Request $request, int $id, ClockInterface $clock): JsonResponse
    {
        $bottle = $this->find($id);
        $sent = Sent::opened(Body::of($request), $this->bottles->enteredKeys(), correcting: true);
        // Who corrects a price says nothing of how much is left.
        $left = $sent->object->has('tenths') ? ['said_at' => $clock->now()] : ['tenths' => $bottle->tenths];
        Corrections::correct($bottle, $sent->basedOn, [...$this->bottles->enter($sent->object), ...$left], $clock->now());

        return new JsonResponse($this->answer->one($bottle->refresh(), $clock->now()));
    }

    #[Call('It is used up, or there is more of it after all', answer: ShelfBottleAnswer::class, body: '#Retired')]
    public function retire(Request $request, int $id, ClockInterface $clock): JsonResponse
    {
        $bottle = $this->find($id);
        $input = RetiredInput::read(Body::of($request));
        Corrections::correct($bottle, $input->basedOn, ['retired_at' => $input->retired ? $bottle->retired_at ?? $clock->now() : null], $clock->now());

        return new JsonResponse($this->answer->one($bottle, $clock->now()));
    }

    private static function number(Request $request, string $key): ?int
    {
        $value = $request->query($key);

        return is_string($value) && preg_match('/^[1-9]\d{0,14}$/', $value) === 1 ? (int) $value : null;
    }

    private function find(int $id): ShelfBottle
    {
        return ShelfBottle::query()->find($id) ?? throw RefusedCall::notFound('shelf', $id);
    }
}
