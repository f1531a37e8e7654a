<?php

declare(strict_types=1);

namespace App\Records;

use IdleMixer\Core\Choice\Severity;

/** What somebody says of plant and place before a spray is chosen. */
final readonly class SaidOfCase
{
    /** @param array<string, int|null> $seen natural enemies, and how many of each; null where nobody counted them */
    public function __construct(
        public string $stage,
        public Severity $severity,
        public bool $indoors,
        public bool $cats,
        public ?float $hardness,
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
        public array $seen = [],
    ) {}
}
