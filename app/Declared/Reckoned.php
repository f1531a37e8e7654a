<?php

declare(strict_types=1);

namespace App\Declared;

use Psr\Clock\ClockInterface;

/** A table with what is reckoned from the records: nothing of it is written down by anybody, and it is made anew at any time. */
final class Reckoned extends Record
{
    private const WHY = 'Reckoned from the other records, and made anew.';

    /** @param list<string> $columns */
    public function __construct(ClockInterface $clock, private readonly string $named, private readonly array $columns)
    {
        parent::__construct($clock);
    }

    public function table(): string
    {
        return $this->named;
    }

    public function identity(): array
    {
        return [];
    }

    public function isReckoned(): bool
    {
        return true;
    }

    protected function declared(): array
    {
        return array_map(static fn(string $column): Field => Plain::inside($column, self::WHY), $this->columns);
    }
}
