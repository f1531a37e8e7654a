<?php

declare(strict_types=1);

namespace IdleMixer\Core\Document;

/** The members of a JSON object, each by its key. */
final readonly class ObjectNode
{
    /** @param array<string, Node> $members */
    public function __construct(private array $members, public string $path) {}

    public function has(string $key): bool
    {
        return isset($this->members[$key]);
    }

    /** @throws InvalidDocument when the key is missing */
    public function get(string $key): Node
    {
        return $this->members[$key]
            ?? throw InvalidDocument::because($this->path, "The key “{$key}” is missing here.", null);
    }

    public function optional(string $key): ?Node
    {
        return $this->members[$key] ?? null;
    }
}
