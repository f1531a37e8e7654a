<?php

declare(strict_types=1);

namespace App\Http\Api;

use App\Declared\Record;

/** A record as people enter it, as it is declared. */
final readonly class Enters
{
    /** @param class-string<Record> $record */
    public function __construct(public string $record) {}
}
