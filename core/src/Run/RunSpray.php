<?php

declare(strict_types=1);

namespace IdleMixer\Core\Run;

use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Work\Load;

/** What is sprayed, as far as the hands go by it. */
final readonly class RunSpray
{
    private function __construct(public RecipeUse $use, public bool $hasOil, public bool $givesOffGas) {}

    public static function of(RecipeUse $use, Load $load): self
    {
        return new self($use, $load->hasOil(), $load->givesOffGas());
    }
}
