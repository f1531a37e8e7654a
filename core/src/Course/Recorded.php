<?php

declare(strict_types=1);

namespace IdleMixer\Core\Course;

/** Something that was recorded on a course. */
final readonly class Recorded
{
    public function __construct(
        /** Days after the start. */
        public int $day,
        public RecordKind $kind,
        /** Slug of the spray of a round, a test or a burn; null elsewhere, or where nobody said. */
        public ?string $recipe = null,
        /** Number counted, percent of a leaf burnt, mm of rain; null where nobody said: of rain, where it was judged by the hour that it washed off what was sprayed. */
        public ?float $value = null,
        /** Whether nothing was found, or leaves stayed clean; null where nobody said. */
        public ?bool $clean = null,
        /** What it is called, where it was bought. */
        public string $name = '',
    ) {}

    /** Whether somebody looked and found nothing. */
    public function isClean(): bool
    {
        return ($this->kind === RecordKind::Look && $this->clean === true) || ($this->kind === RecordKind::Count && $this->value === 0.0 && $this->clean !== false);
    }

    /** Whether somebody looked and found something. */
    public function isFound(): bool
    {
        return ($this->kind === RecordKind::Look && $this->clean === false) || ($this->kind === RecordKind::Count && $this->value > 0.0);
    }
}
