<?php

declare(strict_types=1);

namespace IdleMixer\Core\Ask;

use IdleMixer\Core\Evidence\Record;

/** What one spray of a document, or several taken together, did to one pest. */
final readonly class ToldRecord
{
    /**
     * @param list<string>     $recipes    slugs, each once
     * @param float            $factor     of the first
     * @param list<ToldEffect> $programmes of more than one round
     */
    public function __construct(public string $pest, public array $recipes, public float $factor, public array $programmes, public Record $record) {}
}
