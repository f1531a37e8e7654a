<?php

declare(strict_types=1);

namespace App\Http\Input;

use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Ingredient\IngredientCatalogue;

/** Reads what a measure was filled or weighed with, by how dense that is. */
final readonly class Calibrations
{
    public function __construct(private IngredientCatalogue $ingredients) {}

    /** @throws InvalidDocument with the path of the first fault found */
    public function read(Node $node): CalibrationInput
    {
        return CalibrationInput::read($node, $this->ingredients);
    }
}
