<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

/** Something that was taken for granted in a line, and is said back. */
final readonly class Remark
{
    /**
     * @param array<string, string> $args
     */
    public function __construct(public LineFinding $finding, public array $args = []) {}
}
