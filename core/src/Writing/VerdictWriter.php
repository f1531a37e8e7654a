<?php

declare(strict_types=1);

namespace IdleMixer\Core\Writing;

use IdleMixer\Core\Safety\Verdict;
use IdleMixer\Core\Source\SourceCatalogue;
use IdleMixer\Core\Wording\Sentences;

/** Writes a verdict with its sentence and the standing and source of its limit. */
final readonly class VerdictWriter
{
    public function __construct(private Sentences $sentences, private SourceCatalogue $sources) {}

    public function write(Verdict $verdict): WrittenVerdict
    {
        $source = $verdict->source === null ? null : $this->sources->get($verdict->source);

        return new WrittenVerdict($verdict->code, $verdict->level->value, $verdict->about()->value, $this->sentences->verdict($verdict), $source?->standing->value, $source?->words());
    }
}
