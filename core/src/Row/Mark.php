<?php

declare(strict_types=1);

namespace IdleMixer\Core\Row;

use DateTimeImmutable;

/** One thing that was done or seen on a plant. */
final readonly class Mark
{
    private function __construct(
        public DateTimeImmutable $at,
        public MarkKind $kind,
        /** Number counted; percent of a leaf burnt; null elsewhere. */
        public ?float $value = null,
        /** Of the spray; empty where none is meant. */
        public string $name = '',
        /** Whether the leaves of a test stayed clean; null while nobody can say. */
        public ?bool $clean = null,
        /** Id of the case it belongs to; null where it belongs to the plant. */
        public ?int $case = null,
    ) {}

    public static function count(DateTimeImmutable $at, int $case, float $value): self
    {
        return new self($at, MarkKind::Count, $value, case: $case);
    }

    /** A count of what was not sprayed. */
    public static function compared(DateTimeImmutable $at, int $case, float $value): self
    {
        return new self($at, MarkKind::Compared, $value, case: $case);
    }

    public static function round(DateTimeImmutable $at, int $case, string $spray): self
    {
        return new self($at, MarkKind::Round, name: $spray, case: $case);
    }

    public static function test(DateTimeImmutable $at, string $spray, ?bool $clean): self
    {
        return new self($at, MarkKind::Test, name: $spray, clean: $clean);
    }

    /** @param float $share percent of the leaves that were worst hit */
    public static function burn(DateTimeImmutable $at, string $spray, float $share): self
    {
        return new self($at, MarkKind::Burn, $share, $spray);
    }
}
