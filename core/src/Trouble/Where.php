<?php

declare(strict_types=1);

namespace IdleMixer\Core\Trouble;

/** On which plants, where and when a trouble is met more often than elsewhere, or less. */
final readonly class Where
{
    /**
     * @param list<string>          $kinds    slugs of kinds of plants on which it is met often
     * @param bool                  $only     whether it is hardly ever met on others
     * @param bool|null             $indoors  true where it is met often indoors, false where seldom; null where neither
     * @param bool|null             $outdoors the same, outdoors
     * @param array<string, bool>   $outside  the same by time of the year, for what stands outdoors
     * @param array<string, bool>   $inside   and indoors
     */
    public function __construct(public array $kinds = [], public bool $only = false, public ?bool $indoors = null, public ?bool $outdoors = null, public array $outside = [], public array $inside = []) {}

    /** @param array{on?: string, only?: bool, indoors?: bool, outdoors?: bool, outside?: array<string, bool>, inside?: array<string, bool>} $row */
    public static function ofRow(array $row): self
    {
        return new self(($row['on'] ?? '') === '' ? [] : explode(' ', $row['on']), $row['only'] ?? false, $row['indoors'] ?? null, $row['outdoors'] ?? null, $row['outside'] ?? [], $row['inside'] ?? []);
    }
}
