<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Batch;
use App\Models\PestCase;
use IdleMixer\Core\Choice\Option;

/** What the bench opens on, and why. */
final readonly class Opening
{
    public function __construct(
        public OpeningReason $why,
        public ?PestCase $case,
        /** Whose volume, sprayer and water are taken; null where nothing was mixed yet. */
        public ?Batch $like,
        /** The spray that is proposed; null where it is the one of the batch, or that of `recipe`. */
        public ?Option $option,
        public string $recipe,
    ) {}
}
