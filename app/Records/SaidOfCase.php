<?php

declare(strict_types=1);

namespace App\Records;

use IdleMixer\Core\Choice\Severity;

/** What somebody says of plant, place and cupboard before a spray is chosen. */
final readonly class SaidOfCase
{
    /** @param list<string>|null $cupboard */
    public function __construct(
        public string $stage,
        public Severity $severity,
        public bool $indoors,
        public bool $cats,
        public ?float $hardness,
        public ?array $cupboard,
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
    ) {}
}
