<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use IdleMixer\Core\Emulsion\StandAdvice;

/** Says what to do after a glass stood. */
final readonly class StandWords
{
    /** @param array<string, string> $words */
    public function __construct(private array $words) {}

    public static function shipped(): self
    {
        /** @var array<string, string> $words */
        $words = require __DIR__ . '/../../data/stand-words.php';

        return new self($words);
    }

    /** @throws MissingWords when the catalogue lacks the sentence */
    public function advice(StandAdvice $advice): string
    {
        return strtr($this->words[$advice->code] ?? throw MissingWords::becauseOf($advice->code), ['{add}' => Figures::short($advice->add)]);
    }
}
