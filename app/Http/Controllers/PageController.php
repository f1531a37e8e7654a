<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\Response;

/** Every screen is one page; its script reads the address. */
final class PageController
{
    public function __invoke(): Response
    {
        $page = public_path('build/index.html');
        if (! is_file($page)) {
            return new Response('The screens are not built yet: run ./start once.', 503, ['Content-Type' => 'text/plain; charset=utf-8']);
        }

        return new Response((string) file_get_contents($page), 200, ['Content-Type' => 'text/html; charset=utf-8']);
    }
}
