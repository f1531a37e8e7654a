<?php

declare(strict_types=1);

namespace IdleMixer\Core\Vessel;

use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\Unit;

/** A sprayer as it is sold most. */
final readonly class CommonSprayer
{
    private function __construct(public string $name, public Amount $holds, public SprayerShape $shape) {}

    /** @return list<self> */
    public static function shipped(): array
    {
        /** @var list<array{name: string, amount: int|float, unit: string, shape: string}> $rows */
        $rows = require __DIR__ . '/../../data/common-sprayers.php';

        return array_map(static fn(array $row): self => new self($row['name'], Amount::of((float) $row['amount'], Unit::from($row['unit'])), SprayerShape::from($row['shape'])), $rows);
    }
}
