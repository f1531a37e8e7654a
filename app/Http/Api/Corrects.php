<?php

declare(strict_types=1);

namespace App\Http\Api;

/** A change of what another shape makes. */
final readonly class Corrects
{
    /** @param string $new name of the shape that makes it */
    public function __construct(public string $new) {}
}
