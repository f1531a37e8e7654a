<?php

declare(strict_types=1);

namespace IdleMixer\Core\Choice;

use IdleMixer\Core\Safety\Season;
use IdleMixer\Core\Trouble\Trouble;

/** Everything that a choice of spray hangs on. */
final readonly class Situation
{
    /**
     * @param list<string>|null        $cupboard ingredients at hand; null when nobody said
     * @param array<string, OwnResult> $own      what this household found, by slug of the recipe
     */
    public function __construct(
        public Trouble $trouble,
        /** One of the stages of the trouble. */
        public string $stage,
        public Severity $severity,
        public PlantState $plant,
        public bool $indoors = false,
        public bool $cats = false,
        /** mg/L as CaCO3; null when unknown. */
        public ?float $hardness = null,
        public ?array $cupboard = null,
        public ?Season $season = null,
        public array $own = [],
    ) {}
}
