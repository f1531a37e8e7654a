<?php

declare(strict_types=1);

namespace App\Http\Api;

use Attribute;

/** What the schema of an answer is called, where its class alone does not say it. */
#[Attribute(Attribute::TARGET_CLASS)]
final readonly class Named
{
    public function __construct(public string $name) {}
}
