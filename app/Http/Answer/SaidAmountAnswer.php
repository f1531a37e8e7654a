<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;

/** What was understood of an amount: the amount, or what is asked or the matter with it. */
final readonly class SaidAmountAnswer
{
    /** @param list<AnswerLineAnswer> $answers */
    public function __construct(#[Shape(ref: 'AmountOrMass')] public ?AmountAnswer $amount, public string $text, public array $answers) {}
}
