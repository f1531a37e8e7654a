<?php

declare(strict_types=1);

namespace IdleMixer\Core\Weather;

/** Why an hour is not good, as a code with its figures; the sentence is put together elsewhere. */
final readonly class HourReason
{
    /** @param array<string, float|string> $args */
    public function __construct(
        public HourFinding $finding,
        public HourVerdict $verdict,
        public array $args,
        /** Key of the source of the limit. */
        public string $source,
    ) {}
}
