<?php

declare(strict_types=1);

namespace App\Records;

use IdleMixer\Core\Gate\SprayNow;
use IdleMixer\Core\Weather\Spray;

/** What a day in the garden is planned for: a batch that stands ready, or a recipe. */
final readonly class ChosenSpray
{
    public function __construct(
        /** A slug, or `batch-` and its number. */
        public string $key,
        public string $name,
        public ?int $batch,
        public Spray $wants,
        /** As the gate is asked about it. */
        public SprayNow $asked,
    ) {}
}
