<?php

declare(strict_types=1);

namespace Tests\Faults;

/** What ./start --phone prints for whoever stands at the bench with a phone. */
final readonly class Doors
{
    /**
     * @param non-empty-string $bench
     * @param non-empty-string $trust
     */
    public function __construct(
        public string $bench,
        /** The plain page that says how to trust the bench. */
        public string $trust,
        /** Of the authority, SHA-256. */
        public string $fingerprint,
    ) {}
}
