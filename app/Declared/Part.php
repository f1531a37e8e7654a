<?php

declare(strict_types=1);

namespace App\Declared;

/** Records that are told within another: rounds within their case. */
final readonly class Part
{
    /**
     * @param class-string<Record> $of
     * @param string               $column of the part that names the row it belongs to
     * @param list<string>         $order  columns by which they stand
     * @param int                  $most   of them within one record
     */
    public function __construct(public string $of, public string $column, public array $order, public int $most, public bool $required = false) {}
}
