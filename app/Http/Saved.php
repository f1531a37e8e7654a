<?php

declare(strict_types=1);

namespace App\Http;

/** How a call that saves something is answered: as made, or as known where it was sent before, after an answer that was lost. */
final class Saved
{
    public static function status(bool $new): int
    {
        return $new ? 201 : 200;
    }
}
