<?php

declare(strict_types=1);

namespace App\Models;

use App\Declared\Record;

/** Who uses the device that writes, as it says itself: a name on what is written, and no key to anything. */
final class Who
{
    private string $name = '';

    /** Anything that is no name is none: a device says it in a cookie, and anybody can write one. */
    public function says(?string $name): void
    {
        $clean = trim((string) preg_replace('/[\p{C}\p{Z}]+/u', ' ', $name ?? ''));
        $this->name = mb_strlen($clean) <= Record::LONGEST_WHO ? $clean : '';
    }

    public function name(): string
    {
        return $this->name;
    }
}
