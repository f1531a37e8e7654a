<?php

declare(strict_types=1);

namespace App\Declared\Values;

use App\Declared\Value;
use IdleMixer\Core\Document\Node;

/** True or false. */
final readonly class Flag implements Value
{
    public function read(Node $node): bool
    {
        return $node->flag();
    }

    public function told(bool|float|int|string $kept): bool
    {
        return (bool) $kept;
    }

    public function cast(): string
    {
        return 'boolean';
    }

    public function schema(): array
    {
        return ['type' => 'boolean'];
    }
}
