<?php

declare(strict_types=1);

namespace App\Declared\Values;

use App\Declared\Value;
use IdleMixer\Core\Document\Node;

/** A whole number within bounds. */
final readonly class Whole implements Value
{
    public function __construct(private int $least, private int $most = \PHP_INT_MAX) {}

    public function read(Node $node): int
    {
        return $node->whole($this->least, $this->most);
    }

    public function told(bool|float|int|string $kept): int
    {
        return (int) $kept;
    }

    public function cast(): string
    {
        return 'integer';
    }

    public function schema(): array
    {
        return ['type' => 'integer', 'minimum' => $this->least, ...$this->most === \PHP_INT_MAX ? [] : ['maximum' => $this->most]];
    }
}
