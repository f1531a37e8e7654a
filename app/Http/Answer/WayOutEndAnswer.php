<?php

declare(strict_types=1);

namespace App\Http\Answer;

use IdleMixer\Core\Writing\WrittenVerdict;

/** What may stand in the sprayer, and how that is judged. */
final readonly class WayOutEndAnswer
{
    /**
     * @param list<string> $strength
     * @param list<WrittenVerdict> $verdicts
     */
    public function __construct(
        public string $volume,
        public array $strength,
        public array $verdicts,
    ) {}
}
