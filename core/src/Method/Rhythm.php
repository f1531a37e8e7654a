<?php

declare(strict_types=1);

namespace IdleMixer\Core\Method;

/** How often a method is used at one pressure: never, once, or every so many days. */
final readonly class Rhythm
{
    /** What data and documents say of a method that is used once. */
    public const ONCE = 'once';

    private function __construct(
        /** Days between rounds, 1 or more; null where there is no next one. */
        public ?int $days,
        public bool $isOnce,
    ) {}

    /** @param int|string|null $row days, `once`, or null for never: as data and documents have it */
    public static function of(int|string|null $row): self
    {
        return new self(is_int($row) ? $row : null, is_string($row));
    }

    public function isNever(): bool
    {
        return $this->days === null && ! $this->isOnce;
    }

    /** @return int|string|null as data and documents have it */
    public function written(): int|string|null
    {
        return $this->isOnce ? self::ONCE : $this->days;
    }
}
