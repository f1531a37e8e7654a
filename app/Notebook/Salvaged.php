<?php

declare(strict_types=1);

namespace App\Notebook;

/** What could be read out of a damaged notebook. */
final readonly class Salvaged
{
    /**
     * @param array<string, int> $rows     by table
     * @param int                $leftOver records that have no place any more, in the table left_over
     */
    public function __construct(public array $rows, public int $leftOver) {}

    /** How many of what people know by name. */
    public function words(): string
    {
        $told = [];
        foreach (['plants' => 'plant', 'cases' => 'case', 'batches' => 'batch', 'leaf_tests' => 'leaf test', 'rounds' => 'round', 'counts' => 'count'] as $table => $name) {
            $many = $this->rows[$table] ?? 0;
            $told[] = $many . ' ' . $name . ($many === 1 ? '' : ($name === 'batch' ? 'es' : 's'));
        }
        $left = match ($this->leftOver) {
            0 => '',
            1 => '; 1 record has lost what it belongs to and is kept in its table left_over',
            default => "; {$this->leftOver} records have lost what they belong to and are kept in its table left_over",
        };

        return implode(', ', $told) . $left;
    }
}
