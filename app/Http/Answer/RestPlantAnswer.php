<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;
use IdleMixer\Core\Safety\Level;

/** A plant, and whether what is left may go onto it. */
final readonly class RestPlantAnswer
{
    /** @param list<string> $codes of all that is not ok, the worst first */
    public function __construct(
        public int $id,
        public string $name,
        #[Shape(of: Level::class)]
        public string $level,
        public string $because,
        public array $codes,
        #[Shape(format: 'uuid')]
        public string $key,
        #[Shape(least: 1)]
        public int $version,
        /** Whether somebody said today that it is dry at the root. */
        public bool $dry,
    ) {}
}
