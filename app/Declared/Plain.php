<?php

declare(strict_types=1);

namespace App\Declared;

use IdleMixer\Core\Document\Node;
use Illuminate\Support\Str;

/** A field of one column. */
final readonly class Plain implements Field
{
    private function __construct(
        private string $column,
        private string $key,
        private Value $value,
        private bool $required,
        private bool $nullable,
        private bool|float|int|string|null $default,
        private bool $entered = false,
        private ?string $notCarried = null,
    ) {}

    /** What has to be said. */
    public static function needed(string $column, Value $value, ?string $key = null): self
    {
        return new self($column, $key ?? Str::camel($column), $value, true, false, null);
    }

    /** What is so until somebody says otherwise. */
    public static function usually(string $column, Value $value, bool|float|int|string $default, ?string $key = null): self
    {
        return new self($column, $key ?? Str::camel($column), $value, false, false, $default);
    }

    /** What may be unknown, or nothing. */
    public static function maybe(string $column, Value $value, ?string $key = null): self
    {
        return new self($column, $key ?? Str::camel($column), $value, false, true, null);
    }

    /** What the notebook keeps for itself: no document tells it and none is asked. */
    public static function inside(string $column, string $why): self
    {
        return new self($column, '', new Values\Flag(), false, true, null, notCarried: $why);
    }

    /** The same, entered and corrected by people. */
    public function entered(): self
    {
        return new self($this->column, $this->key, $this->value, $this->required, $this->nullable, $this->default, true, $this->notCarried);
    }

    public function withoutLog(string $why): self
    {
        return new self($this->column, $this->key, $this->value, $this->required, $this->nullable, $this->default, $this->entered, $why);
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
        return $this->required;
    }

    public function isEntered(): bool
    {
        return $this->entered;
    }

    public function notCarried(): ?string
    {
        return $this->notCarried;
    }

    public function read(Node $entry, Arrivals $arrivals): array
    {
        $node = $this->required ? $entry->get($this->key) : ($this->nullable ? $entry->filled($this->key) : $entry->optional($this->key));

        return match (true) {
            $node !== null => [$this->column => $this->value->read($node)],
            $arrivals->complete => [$this->column => $this->default],
            default => [],
        };
    }

    public function told(array $row, Identities $identities): string
    {
        $kept = $row[$this->column] ?? null;

        return $kept === null ? 'null' : Raw::json($this->value->told($kept));
    }

    public function casts(): array
    {
        $cast = $this->value->cast();

        return $cast === null || $this->key === '' ? [] : [$this->column => $cast];
    }

    public function defaults(): array
    {
        return $this->default === null ? [] : [$this->column => $this->default];
    }

    public function schema(): array
    {
        return $this->nullable ? Schemas::orNull($this->value->schema()) : $this->value->schema();
    }
}
