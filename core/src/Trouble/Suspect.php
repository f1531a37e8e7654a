<?php

declare(strict_types=1);

namespace IdleMixer\Core\Trouble;

/** One trouble, or several at once, with what speaks for and against. */
final readonly class Suspect
{
    /**
     * @param non-empty-list<Trouble> $troubles
     * @param float      $chance  0 to 1, among all that are listed
     * @param list<Sign> $for     what was seen and is usual or often with it
     * @param list<Sign> $against what was seen and is not its doing
     * @param list<Sign> $missing what was looked for, is usual or often with it, and was not there
     * @param list<MovedBy> $moved what makes it likelier here than anywhere, or less likely
     */
    public function __construct(
        public array $troubles,
        public string $name,
        public float $chance,
        public array $for,
        public array $against,
        public array $missing,
        public array $moved = [],
    ) {}
}
