<?php

declare(strict_types=1);

namespace App\Http;

use App\Records\Conflict;
use IdleMixer\Core\Failure;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\JsonResponse;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;

/** Turns whatever went wrong into one clear sentence with its place. */
final class Failures
{
    private const SENTENCES = [
        404 => 'There is nothing at this address.',
        405 => 'This address does not take that kind of call.',
        413 => 'This is too large to be read: at most 1 MB.',
        415 => 'Send JSON: the header Content-Type must be application/json.',
    ];

    public static function describe(Exceptions $exceptions): void
    {
        $exceptions->dontReport([Failure::class, Conflict::class]);
        $exceptions->render(static fn(Failure $failure): JsonResponse => self::answer(422, $failure->path(), $failure->getMessage()));
        $exceptions->render(static fn(Conflict $conflict): JsonResponse => self::answer(409, '', $conflict->getMessage()));
        $exceptions->render(static function (HttpExceptionInterface $e): JsonResponse {
            $status = $e->getStatusCode();

            return self::answer($status, '', $e instanceof RefusedCall ? $e->getMessage() : self::SENTENCES[$status] ?? 'This did not work.');
        });
        $exceptions->render(static fn(\Throwable $e): JsonResponse => self::answer(500, '', 'Something broke on our side; it was written to the log. Nothing of what you saved before is lost.'));
        $exceptions->shouldRenderJsonWhen(static fn(): bool => true);
    }

    public static function answer(int $status, string $path, string $message): JsonResponse
    {
        return new JsonResponse(['error' => ['path' => $path, 'message' => $message]], $status);
    }
}
