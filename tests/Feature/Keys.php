<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Records\Kinds;
use Illuminate\Support\Facades\DB;

/** Tests name records by their rows: what is written names them by the UUID under which they were sent. */
final class Keys
{
    /** The address as a device writes to it; what is named and not there keeps its number, as a UUID. */
    public static function in(string $path): string
    {
        return (string) preg_replace_callback('#(?<=/)([a-z-]+)/(\d+)(?=/|$)#', static fn(array $named): string => Kinds::knows($named[1]) ? "{$named[1]}/" . self::of($named[1], (int) $named[2]) : $named[0], $path);
    }

    /**
     * @param array<string, mixed>|string|null $body
     *
     * @return array<string, mixed>|string|null
     */
    public static function body(string $path, array|string|null $body): array|string|null
    {
        $read = is_string($body) ? json_decode($body, true) : $body;
        $batch = is_array($read) ? $read['batchId'] ?? null : null;
        if (! is_array($read) || ! is_int($batch) || preg_match('#^/api/(cases/[^/]+/rounds|rounds/[^/]+)$#', $path) !== 1) {
            return $body;
        }
        $named = [];
        foreach ($read as $name => $value) {
            $named[$name === 'batchId' ? 'batch' : (string) $name] = $name === 'batchId' ? self::of('batches', $batch) : $value;
        }

        return is_string($body) ? json_encode($named, \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION) : $named;
    }

    public static function of(string $kind, int $row): string
    {
        $key = DB::table(Kinds::table($kind))->where('id', $row)->value('submission');

        return is_string($key) ? $key : sprintf('%08x-0000-4000-8000-000000000000', $row % 0xFFFFFFFF);
    }
}
