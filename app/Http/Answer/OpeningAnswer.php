<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** What the bench opens on. What is null is as the bench has it. */
final readonly class OpeningAnswer
{
    public function __construct(
        /** again, case, due, last or first. */
        public string $why,
        public ?int $caseId,
        public ?int $plantId,
        public string $recipe,
        /** The recipe as it was mixed; null where it is the one of the shelf. */
        public ?object $recipeDocument,
        public bool $highEnd,
        public float $factor,
        /** Null with a volume: it is mixed in one go, without a sprayer. */
        public ?int $sprayerId,
        public ?AmountAnswer $make,
        public ?float $hardnessMgL,
        public ?float $celsius,
        public ?string $agitation,
        /** What was asked for and cannot be had, in a sentence. */
        public ?string $note,
    ) {}
}
