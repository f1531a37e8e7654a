<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

/** A line that is not taken, and why. */
final readonly class Refusal
{
    /**
     * @param array<string, string> $args
     */
    public function __construct(public LineFinding $finding, public array $args = []) {}
}
