<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Hands a log to the application as its screen does, as a document or as a table, and takes it from there. */
final class Intake
{
    public static function of(string $path, string $text): Response
    {
        $type = str_contains($path, '.csv') ? 'text/csv' : 'application/json';

        return app(Kernel::class)->handle(Request::create("http://127.0.0.1{$path}", 'PUT', server: ['REMOTE_ADDR' => '127.0.0.1', 'HTTP_HOST' => '127.0.0.1', 'CONTENT_TYPE' => $type], content: $text));
    }

    public static function given(string $path): string
    {
        $response = app(Kernel::class)->handle(Request::create("http://127.0.0.1{$path}", 'GET', server: ['REMOTE_ADDR' => '127.0.0.1', 'HTTP_HOST' => '127.0.0.1']));
        expect($response->getStatusCode())->toBe(200);
        ob_start();
        $response instanceof StreamedResponse ? $response->sendContent() : print($response->getContent());

        return (string) ob_get_clean();
    }

    /** @return array<string, mixed> */
    public static function told(Response $response): array
    {
        /** @var array<string, mixed> */
        return (array) json_decode((string) $response->getContent(), true, 16, \JSON_THROW_ON_ERROR);
    }
}
