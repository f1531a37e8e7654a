<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

/** A word that means several things: which of them it is decides. */
final readonly class Question
{
    /**
     * @param string                                     $word    what was written
     * @param list<array{words: string, line: string}> $answers how each answer is called, and what the whole line would be
     */
    public function __construct(public LineFinding $finding, public string $word, public array $answers) {}
}
