<?php

declare(strict_types=1);

namespace App\Notebook;

use IdleMixer\Core\Words\Say;

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
        foreach (['plants' => 'plant', 'cases' => 'case', 'batches' => 'batch', 'leaf_tests' => Say::it('notebook/salvaged.leaf-test'), 'rounds' => 'round', 'counts' => 'count'] as $table => $name) {
            $many = $this->rows[$table] ?? 0;
            $told[] = $many . ' ' . $name . ($many === 1 ? '' : ($name === 'batch' ? 'es' : 's'));
        }
        $left = match ($this->leftOver) {
            0 => '',
            1 => Say::it('notebook/salvaged.1-record-has-lost-what'),
            default => Say::it('notebook/salvaged.records-have-lost-what-they', ['left-over' => $this->leftOver]),
        };

        return implode(', ', $told) . $left;
    }
}
