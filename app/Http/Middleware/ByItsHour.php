<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Clock\CallClock;
use Closure;
use DateTimeImmutable;
use Exception;
use IdleMixer\Core\Schedule\ActedHour;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Hears from a device what its clock says and when what it sends was done, and tells it when its clock is off. */
final readonly class ByItsHour
{
    public const SENT = 'Device-Clock';

    public const ACTED = 'Acted-At';

    /** Seconds by which its clock was ahead when it heard this machine last before it was done. */
    public const KNOWN = 'Acted-Ahead';

    /** Seconds by which its clock and one that nobody sets parted from then on. */
    public const DRIFT = 'Acted-Drift';

    /** Seconds by which the device's clock is ahead of this machine's; only where it is off. */
    public const AHEAD = 'Clock-Ahead';

    public function __construct(private CallClock $clock) {}

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $seconds = static fn(string $header): ?float => is_numeric($said = $request->headers->get($header)) ? (float) $said : null;
        $hour = ActedHour::of($this->clock->arrival(), self::told($request, self::SENT), self::told($request, self::ACTED), $seconds(self::KNOWN), $seconds(self::DRIFT) ?? 0.0);
        // What is changed is told by hours that stand here already.
        $this->clock->hear($request->isMethod('POST') ? $hour : new ActedHour($hour->ago, 0.0));
        try {
            $response = $next($request);
        } finally {
            $this->clock->hear(new ActedHour(0.0, 0.0));
        }
        if ($hour->isOff()) {
            $response->headers->set(self::AHEAD, (string) (int) round($hour->ahead));
        }

        return $response;
    }

    /** Null where it does not tell, or nothing that can be an hour. */
    private static function told(Request $request, string $header): ?DateTimeImmutable
    {
        $text = $request->headers->get($header) ?? '';
        if (preg_match('/\A\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d(\.\d{1,6})?Z\z/', $text) !== 1) {
            return null;
        }
        try {
            return new DateTimeImmutable($text);
        } catch (Exception) {
            return null;
        }
    }
}
