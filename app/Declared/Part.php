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
     * @param bool                 $joins  whether those that are new come to a record that is here already; what it had of the others stays as it is
     */
    public function __construct(public string $of, public string $column, public array $order, public int $most, public bool $required = false, public bool $joins = false) {}
}
