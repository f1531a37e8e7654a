<?php

declare(strict_types=1);

namespace App\Declared;

use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Words\Say;

/** Which other record it belongs to: a row number in the notebook, and outside the identity that the other keeps everywhere. */
final readonly class Link extends Particular
{
    private function __construct(private string $column, private string $key, private string $table, private string $what, private bool $nullable, private bool $later) {}

    /** @param string $what the other is called */
    public static function to(string $table, string $column, string $key, string $what): self
    {
        return new self($column, $key, $table, $what, false, false);
    }

    /** Where it may belong to none. */
    public static function maybe(string $table, string $column, string $key, string $what): self
    {
        return new self($column, $key, $table, $what, true, false);
    }

    /** The same, where the other may stand further down in a document. */
    public static function ahead(string $table, string $column, string $key, string $what): self
    {
        return new self($column, $key, $table, $what, true, true);
    }

    /**
     * Asks for the identities of many rows together.
     *
     * @param list<array<string, bool|float|int|string|null>> $rows
     */
    public function prepare(array $rows, Identities $identities): void
    {
        $identities->prepare($this->table, array_values(array_filter(array_column($rows, $this->column), is_int(...))));
    }

    public function key(): string
    {
        return $this->key;
    }

    public function columns(): array
    {
        return [$this->column];
    }

    public function isRequired(): bool
    {
        return ! $this->nullable;
    }

    public function read(Node $entry, Arrivals $arrivals): array
    {
        $node = $this->nullable ? $entry->filled($this->key) : $entry->get($this->key);
        if ($node === null) {
            return [];
        }
        $identity = Values\Text::uuid()->read($node);
        $id = $arrivals->identities->row($this->table, $identity);
        if ($id === null && $this->later) {
            $arrivals->waits($this->table, $this->column, $identity);
        }

        return match (true) {
            $id !== null => [$this->column => $id],
            $this->later => [],
            default => throw InvalidDocument::because($node->path, Say::it('records/link.neither-in-this-notebook-nor', ['what' => $this->what]), $identity),
        };
    }

    public function told(array $row, Identities $identities): string
    {
        $id = $row[$this->column] ?? null;

        return is_int($id) ? Raw::json($identities->of($this->table, $id)) : 'null';
    }

    public function schema(): array
    {
        $schema = Values\Text::uuid()->schema();

        return $this->nullable ? Schemas::orNull($schema) : $schema;
    }
}
