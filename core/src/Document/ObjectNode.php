<?php

declare(strict_types=1);

namespace IdleMixer\Core\Document;

use IdleMixer\Core\Words\Say;

/** The members of a JSON object, each by its key. */
final readonly class ObjectNode
{
    /** @param array<string, Node> $members */
    public function __construct(private array $members, public string $path) {}

    /** @return list<string> */
    public function keys(): array
    {
        // PHP keeps a key of digits as a number.
        return array_map(strval(...), array_keys($this->members));
    }

    public function has(string $key): bool
    {
        return isset($this->members[$key]);
    }

    /** @throws InvalidDocument when the key is missing */
    public function get(string $key): Node
    {
        return $this->members[$key]
            ?? throw InvalidDocument::because($this->path, Say::it('document/object-node.key-missing-here', ['key' => $key]), null);
    }

    public function optional(string $key): ?Node
    {
        return $this->members[$key] ?? null;
    }

    /** The same, where null stands for nothing, too. */
    public function filled(string $key): ?Node
    {
        $node = $this->members[$key] ?? null;

        return $node === null || $node->isNull() ? null : $node;
    }
}
