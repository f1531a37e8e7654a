<?php

declare(strict_types=1);

namespace App\Http\Api;

use Attribute;

/** What is put beside an answer where it is told. */
#[Attribute(Attribute::TARGET_CLASS | Attribute::IS_REPEATABLE)]
final readonly class Beside
{
    /** @param array<string, mixed> $schema JSON Schema */
    public function __construct(public string $key, public array $schema) {}
}
