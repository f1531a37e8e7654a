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

    /** @return array{code: string, level: string, because: string, standing: string|null, source: string|null} */
    public function write(Verdict $verdict): array
    {
        $source = $verdict->source === null ? null : $this->sources->get($verdict->source);

        return [
            'code' => $verdict->code,
            'level' => $verdict->level->value,
            'because' => $this->sentences->verdict($verdict),
            'standing' => $source?->standing->value,
            'source' => $source?->words(),
        ];
    }
}
