<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Response;

/** The one page that other machines see before they are let in; it works without scripts. */
final class PassphrasePage
{
    public static function show(int $status, string $fault): Response
    {
        $page = (string) file_get_contents(resource_path('passphrase.html'));
        $alert = $fault === '' ? '' : '<p role="alert">' . htmlspecialchars($fault) . '</p>';

        return new Response(str_replace('<!-- fault -->', $alert, $page), $status, ['Content-Type' => 'text/html; charset=utf-8']);
    }
}
