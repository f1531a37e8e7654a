<?php

declare(strict_types=1);

namespace App\Declared\Values;

use App\Declared\DayCast;
use App\Declared\Value;
use IdleMixer\Core\Document\Node;

/** A day like 2026-05-03, kept in these ten characters. */
final readonly class Day implements Value
{
    private const LENGTH = 10;

    public function read(Node $node): string
    {
        return $node->day();
    }

    public function told(bool|float|int|string $kept): string
    {
        return substr((string) $kept, 0, self::LENGTH);
    }

    public function cast(): string
    {
        return DayCast::class;
    }

    public function schema(): array
    {
        return ['type' => 'string', 'format' => 'date'];
    }
}
