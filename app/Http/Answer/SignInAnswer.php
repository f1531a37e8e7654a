<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** Somebody who came in from another machine, or tried to. */
final readonly class SignInAnswer
{
    public function __construct(
        public string $at,
        /** The address of that machine. */
        public string $from,
        /** `in`, or `wrong` where it was not the passphrase. */
        public string $what,
    ) {}
}
