<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;
use App\Records\SaidOfCase;
use stdClass;

/** What is known before anything is said. */
final readonly class KnownSituationAnswer
{
    public function __construct(
        public string $stage,
        #[Shape(ref: 'Severity')]
        public string $severity,
        public bool $indoors,
        public bool $cats,
        public ?float $hardnessMgL,
        public bool $bearsNoOil,
        public bool $inBloom,
        public bool $dryAtRoot,
        public bool $seedling,
        public bool $wounded,
        public bool $eatenSoon,
        public bool $soapSensitive,
        public bool $sulfurLately,
        public bool $copperLately,
        public bool $oilLately,
        #[Shape(schema: ['type' => 'object', 'description' => 'Natural enemies, and how many of each, null where nobody counted them; null where none was seen.', 'additionalProperties' => ['type' => ['integer', 'null']]])]
        public ?stdClass $seen,
    ) {}

    public static function of(SaidOfCase $said): self
    {
        return new self(
            $said->stage,
            $said->severity->value,
            $said->indoors,
            $said->cats,
            $said->hardness,
            $said->bearsNoOil,
            $said->inBloom,
            $said->dryAtRoot,
            $said->seedling,
            $said->wounded,
            $said->eatenSoon,
            $said->soapSensitive,
            $said->sulfurLately,
            $said->copperLately,
            $said->oilLately,
            $said->seen === [] ? null : (object) $said->seen,
        );
    }
}
