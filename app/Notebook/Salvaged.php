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
    public function __construct(public array $rows, public int $leftOver, public Missing $missing) {}

    /**
     * How many of what people know by name, and how many of them are missing.
     *
     * @param string|null $copy the newest that opens
     */
    public function words(?string $copy): string
    {
        $read = array_map(fn(string $table): string => self::many($table, $this->rows[$table] ?? 0), Missing::NAMED);
        $missing = [];
        foreach ($this->missing->told($copy) as $table => [$many, $names]) {
            $called = implode(', ', array_map(static fn(string $name): string => Say::it('notebook/salvaged.called', ['name' => $name]), $names));
            $missing[] = self::many($table, $many) . ($called === '' ? '' : " ({$called})");
        }
        $left = match ($this->leftOver) {
            0 => '',
            1 => Say::it('notebook/salvaged.1-record-has-lost-what'),
            default => Say::it('notebook/salvaged.records-have-lost-what-they', ['left-over' => $this->leftOver]),
        };

        return implode(', ', $read) . ($missing === [] ? '' : Say::it('notebook/salvaged.not-in-it', ['missing' => implode(', ', $missing)])) . $left;
    }

    /** @param value-of<Missing::NAMED> $table */
    private static function many(string $table, int $many): string
    {
        return match ($table) {
            'plants' => $many === 1 ? Say::it('notebook/salvaged.one-of-plants') : Say::it('notebook/salvaged.many-of-plants', ['many' => $many]),
            'cases' => $many === 1 ? Say::it('notebook/salvaged.one-of-cases') : Say::it('notebook/salvaged.many-of-cases', ['many' => $many]),
            'batches' => $many === 1 ? Say::it('notebook/salvaged.one-of-batches') : Say::it('notebook/salvaged.many-of-batches', ['many' => $many]),
            'leaf_tests' => $many === 1 ? Say::it('notebook/salvaged.one-of-leaf_tests') : Say::it('notebook/salvaged.many-of-leaf_tests', ['many' => $many]),
            'rounds' => $many === 1 ? Say::it('notebook/salvaged.one-of-rounds') : Say::it('notebook/salvaged.many-of-rounds', ['many' => $many]),
            'counts' => $many === 1 ? Say::it('notebook/salvaged.one-of-counts') : Say::it('notebook/salvaged.many-of-counts', ['many' => $many]),
        };
    }
}
