<?php

declare(strict_types=1);

namespace App\Declared;

/** A field with a shape of its own: what most of these have in common. */
abstract readonly class Particular implements Field
{
    public function isRequired(): bool
    {
        return true;
    }

    public function isEntered(): bool
    {
        return false;
    }

    public function notCarried(): ?string
    {
        return null;
    }

    public function casts(): array
    {
        return [];
    }

    public function defaults(): array
    {
        return [];
    }
}
