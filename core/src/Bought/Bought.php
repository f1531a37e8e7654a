<?php

declare(strict_types=1);

namespace IdleMixer\Core\Bought;

use IdleMixer\Core\Data\BoughtLines;

/** Something that was bought and used as its label says. Nothing here knows its dose. */
final readonly class Bought
{
    private function __construct(
        public BoughtKind $kind,
        /** As somebody typed it. */
        public string $name,
        /** Null where it holds none of these, or nobody said. */
        public ?Holds $holds,
    ) {}

    /** @param string $name as somebody typed it; not empty */
    public static function of(BoughtKind $kind, string $name, ?Holds $holds): self
    {
        return new self($kind, trim((string) preg_replace('/\s+/u', ' ', $name)), $kind === BoughtKind::Insects ? null : $holds);
    }

    /** Days after it on which what comes next is decided, where the gardener may have named others by its label. */
    public static function nextDays(?int $named): int
    {
        return $named ?? BoughtLines::NEXT['value'];
    }

    /** The same for every round with the same thing, however its name is typed. */
    public function key(): string
    {
        return "{$this->kind->value}: " . mb_strtolower($this->name);
    }
}
