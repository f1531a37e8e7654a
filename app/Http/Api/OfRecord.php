<?php

declare(strict_types=1);

namespace App\Http\Api;

use App\Declared\Record;
use Attribute;

/** Which record an answer tells of, where it tells what is declared of it. */
#[Attribute(Attribute::TARGET_CLASS)]
final readonly class OfRecord
{
    /** @param class-string<Record> $record */
    public function __construct(public string $record) {}
}
