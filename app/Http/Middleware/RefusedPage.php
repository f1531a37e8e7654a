<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use IdleMixer\Core\Words\Say;
use Illuminate\Http\Response;

/** The one page that is there while the notebook cannot be opened; it works without scripts. */
final class RefusedPage
{
    public static function show(string $why): Response
    {
        preg_match_all('#\./start --\S+(?: /\S+\.sqlite)?#', $why, $ways);
        $list = array_map(static fn(string $way): string => '<li><code>' . htmlspecialchars(rtrim($way, '.,')) . '</code></li>', array_values(array_unique($ways[0])));
        $steps = $list === [] ? '' : '<h2>' . Say::it('calls/refused-page.on-the-machine') . '</h2><p>' . Say::it('calls/refused-page.stop-the-server') . '</p><ul>' . implode('', $list) . '</ul>';
        $page = (string) file_get_contents(resource_path('refused.html'));

        // Each sentence by itself; the commands stand below, to be copied.
        $told = array_map(static fn(string $line): string => '<p>' . htmlspecialchars($line) . '</p>', explode("\n", (string) preg_replace('/(?<=[a-z0-9”])\. (?=[A-Z])/', ".\n", $why)));

        return new Response(str_replace(['<!-- why -->', '<!-- ways -->'], [implode('', $told), $steps], $page), 503, ['Content-Type' => 'text/html; charset=utf-8']);
    }
}
