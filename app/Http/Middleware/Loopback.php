<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Request;

/** Whether a request comes from this very machine, and not by the door that is for the house. */
final class Loopback
{
    public static function is(Request $request): bool
    {
        if ($request->server('MIXER_DOOR') === 'house') {
            return false;
        }
        $from = $request->server('REMOTE_ADDR');

        return is_string($from) && ($from === '::1' || str_starts_with($from, '127.') || str_starts_with($from, '::ffff:127.'));
    }
}
