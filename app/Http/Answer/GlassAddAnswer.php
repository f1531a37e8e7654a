<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** What is to be added after a glass stood, as it is measured. */
final readonly class GlassAddAnswer
{
    public function __construct(public string $ingredient, public AmountAnswer $amount) {}
}
