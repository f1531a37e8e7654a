<?php

declare(strict_types=1);

namespace IdleMixer\Core\Choice;

/** From when on a trouble is worth a spray. */
final readonly class Threshold
{
    public function __construct(
        /** How bad it has to be. */
        public Severity $from,
        /** Days until somebody looks again where it is not yet worth one. */
        public int $wait,
        /** °C over which it is past hope before anybody has looked again; null where warmth does not hurry it so. */
        public ?float $warm,
        /** Whether it walks or flies over to what stands beside it. */
        public bool $crowds,
        /** Key of the source. */
        public string $source,
    ) {}
}
