<?php

declare(strict_types=1);

namespace App\Declared;

use IdleMixer\Core\Document\Node;

/** The column that names the record which this one is told within: where it stands in the log says it. */
final readonly class Within extends Particular
{
    public function __construct(private string $column, public string $table) {}

    public function key(): string
    {
        return '';
    }

    public function columns(): array
    {
        return [$this->column];
    }

    public function isRequired(): bool
    {
        return false;
    }

    public function read(Node $entry, Arrivals $arrivals): array
    {
        return [];
    }

    public function told(array $row, Identities $identities): string
    {
        return 'null';
    }

    public function schema(): array
    {
        return [];
    }
}
