<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;

/** Somebody who came in from another machine, or tried to. */
final readonly class SignInAnswer
{
    public function __construct(
        #[Shape(format: 'date-time')]
        public string $at,
        /** The address of that machine. */
        public string $from,
        /** `in`, or `wrong` where it was not the passphrase. */
        #[Shape(words: ['in', 'wrong'])]
        public string $what,
    ) {}
}
