<?php

declare(strict_types=1);

namespace IdleMixer\Core\Batch;

use IdleMixer\Core\Mix\Composition;
use IdleMixer\Core\Writing\WrittenLine;

/** What really is in a batch, as it is written down and read again. Volumes in mL, masses in g, strengths in percent of the finished spray. */
final readonly class AsMadeRecord
{
    /**
     * @param list<WrittenLine> $lines
     * @param array<string, float>                                              $strength by key of the open plan document
     * @param list<string>                                                      $spoken
     */
    public function __construct(
        public float $finished,
        public float $water,
        public array $lines,
        public array $strength,
        public array $spoken,
        /** Whether nothing about it is unsure. */
        public bool $sure,
        public int $ticked,
        public int $planned,
        public Composition $composition,
    ) {}

    /** Whether every spoonful was ticked, so that what is in it is known. */
    public function isKnown(): bool
    {
        return $this->ticked >= $this->planned;
    }
}
