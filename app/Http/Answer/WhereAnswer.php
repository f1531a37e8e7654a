<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;

/** A record that something which waited on a device may belong to. */
final readonly class WhereAnswer
{
    public function __construct(
        #[Shape(format: 'uuid')]
        public string $key,
        /** What it is called. */
        public string $name,
        /** When it was opened, begun or sprayed. */
        #[Shape(format: 'date-time')]
        public string $at,
    ) {}
}
