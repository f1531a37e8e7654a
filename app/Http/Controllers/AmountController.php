<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\AmountAnswer;
use App\Http\Answer\AnswerLineAnswer;
use App\Http\Answer\SaidAmountAnswer;
use App\Http\Api\Call;
use App\Http\Body;
use App\Records\Kitchenware;
use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Phrase\SaidAmount;
use IdleMixer\Core\Quantity\AmountReader;
use IdleMixer\Core\Quantity\Dimension;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Wording\Measures;
use IdleMixer\Core\Wording\PhraseWords;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** An amount as somebody typed it into a field. */
final readonly class AmountController
{
    public function __construct(private Kitchenware $kitchenware) {}

    #[Call('An amount as somebody types it: “1 gal”, “half a bottle”', answer: SaidAmountAnswer::class, body: ['said' => 'string', 'whole?' => '?' . AmountAnswer::class, 'weight?' => 'boolean', 'unit?' => 'string'])]
    public function __invoke(Request $request): JsonResponse
    {
        $object = Body::of($request)->object(['said', 'whole', 'weight', 'unit']);
        $whole = $object->optional('whole');
        $said = SaidAmount::read(
            $object->get('said')->text(InputLines::LONGEST_PHRASE['value']),
            $this->kitchenware->kitchen(),
            $whole === null || $whole->isNull() ? null : AmountReader::read($whole, Dimension::Volume)->inBase(),
            $object->optional('weight')?->flag() === true ? Dimension::Mass : Dimension::Volume,
            Unit::tryFrom($object->optional('unit')?->text(InputLines::LONGEST_UNIT['value']) ?? ''),
        );
        $words = PhraseWords::shipped();

        return new JsonResponse(new SaidAmountAnswer(
            $said->amount === null ? null : new AmountAnswer(...$said->amount->toArray()),
            match (true) {
                $said->question !== null => $words->question($said->question),
                $said->refusal !== null => $words->refusal($said->refusal),
                $said->amount === null || $said->amount->unit->dimension() === Dimension::Mass => '',
                default => Measures::volume($said->amount->inBase(), $said->amount->unit),
            },
            array_map(static fn(array $one): AnswerLineAnswer => new AnswerLineAnswer($one['words'], $one['line']), $said->question->answers ?? []),
        ));
    }
}
