<?php

declare(strict_types=1);

namespace App\Declared\Values;

use App\Declared\JsonCast;
use App\Declared\Raw;
use App\Declared\Value;
use Closure;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;

/** A value with an inside, kept as JSON. */
final readonly class Json implements Value
{
    /**
     * @param Closure(Node): void  $check  throws InvalidDocument where what stands inside is nothing that the rules can read
     * @param array<string, mixed> $schema
     */
    public function __construct(private Closure $check, private array $schema) {}

    /** @throws InvalidDocument */
    public function read(Node $node): string
    {
        ($this->check)($node);

        return $node->json();
    }

    public function told(bool|float|int|string $kept): Raw
    {
        return new Raw((string) $kept);
    }

    public function cast(): string
    {
        return JsonCast::class;
    }

    public function schema(): array
    {
        return $this->schema;
    }
}
