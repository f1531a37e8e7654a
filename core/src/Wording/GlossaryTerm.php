<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

/** A word of the field, and what it means in plain words. */
final readonly class GlossaryTerm
{
    /** @param list<string> $also other forms under which it stands in a sentence */
    public function __construct(public string $code, public string $term, public array $also, public string $means) {}
}
