<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Beside;
use App\Http\Api\Shape;
use IdleMixer\Core\Emulsion\Agitation;

/** What the bench opens on. What is null is as the bench has it. */
#[Beside('first', ['type' => 'object', 'required' => ['bench', 'answer'], 'properties' => ['bench' => ['$ref' => '#/components/schemas/Bench'], 'answer' => ['$ref' => '#/components/schemas/BenchPlan']], 'additionalProperties' => false])]
final readonly class OpeningAnswer
{
    public function __construct(
        /** again, case, due, last or first. */
        #[Shape(words: ['again', 'case', 'due', 'last', 'first'])]
        public string $why,
        public ?int $caseId,
        public ?int $plantId,
        public string $recipe,
        /** The recipe as it was mixed; null where it is the one of the shelf. */
        #[Shape(ref: 'RecipeDocument')]
        public ?object $recipeDocument,
        public bool $highEnd,
        public float $factor,
        /** Null with a volume: it is mixed in one go, without a sprayer. */
        public ?int $sprayerId,
        public ?AmountAnswer $make,
        public ?float $hardnessMgL,
        public ?float $celsius,
        #[Shape(of: Agitation::class)]
        public ?string $agitation,
        /** What was asked for and cannot be had, in a sentence. */
        public ?string $note,
        /** Where the batch is that stands mixed for the case or the plant, of which the note speaks; null where none does. */
        public ?string $to,
    ) {}
}
