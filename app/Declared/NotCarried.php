<?php

declare(strict_types=1);

namespace App\Declared;

/** What the log does not carry, and why, as a table of its page. */
final readonly class NotCarried
{
    public const HEADING = '## Not carried';

    public function __construct(private Records $records) {}

    /** @return array<string, string> why, by table.column */
    public function rows(): array
    {
        $rows = [];
        foreach ($this->records->all() as $table => $record) {
            foreach ($record->fields() as $field) {
                $why = $field->notCarried();
                if ($why !== null) {
                    $rows += array_fill_keys(array_map(static fn(string $column): string => "{$table}.{$column}", $field->columns()), $why);
                }
            }
        }

        return $rows;
    }

    /** @param string $page Markdown that ends with this table, or has none yet */
    public function into(string $page): string
    {
        $before = rtrim(explode(self::HEADING, $page)[0]);
        $table = implode("\n", array_map(static fn(string $column, string $why): string => "| `{$column}` | {$why} |", array_keys($this->rows()), $this->rows()));

        return "{$before}\n\n" . self::HEADING . "\n\nWritten by `php artisan mixer:describe` from how the records are declared.\n\n| Column | Why |\n| --- | --- |\n{$table}\n";
    }
}
