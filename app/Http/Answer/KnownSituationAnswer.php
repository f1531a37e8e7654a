<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;
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
}
