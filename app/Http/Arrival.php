<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;

/**
 * A request whose body stays as it came until somebody who may speak is heard: the framework would decode JSON before anything
 * else, and what is made up to be slow would hold a worker before its sender was asked for the passphrase.
 */
final class Arrival extends Request
{
    public function isJson(): bool
    {
        return false;
    }
}
