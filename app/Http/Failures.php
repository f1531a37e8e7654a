<?php

declare(strict_types=1);

namespace App\Http;

use App\Http\Answer\ConflictAnswers;
use App\Notebook\InPlace;
use App\Notebook\Places;
use App\Notebook\StoreFault;
use App\Notebook\StoreTrouble;
use App\Records\Conflict;
use App\Records\TwoVersions;
use IdleMixer\Core\Failure;
use IdleMixer\Core\Words\Say;
use Illuminate\Container\Container;
use Illuminate\Database\SQLiteDatabaseDoesNotExistException;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\JsonResponse;
use PDOException;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;

/** Turns whatever went wrong into one clear sentence with its place. */
final class Failures
{
    public static function describe(Exceptions $exceptions): void
    {
        // A full disk takes no log either, and the sentence says all there is to say.
        $exceptions->dontReport([Failure::class, Conflict::class, StoreFault::class, SQLiteDatabaseDoesNotExistException::class]);
        $exceptions->dontReportWhen(static fn(\Throwable $e): bool => $e instanceof PDOException && in_array(self::trouble($e), [StoreTrouble::Full, StoreTrouble::ReadOnly, StoreTrouble::Busy], true));
        $exceptions->render(static fn(Failure $failure): JsonResponse => self::answer(422, $failure->path(), $failure->getMessage()));
        $exceptions->render(static fn(TwoVersions $conflict): JsonResponse => new JsonResponse([
            'error' => ['path' => $conflict->path, 'message' => $conflict->getMessage()],
            'conflict' => Container::getInstance()->make(ConflictAnswers::class)->of($conflict),
        ], 409));
        $exceptions->render(static fn(Conflict $conflict): JsonResponse => self::answer(409, '', $conflict->getMessage()));
        $exceptions->render(static function (HttpExceptionInterface $e): JsonResponse {
            $status = $e->getStatusCode();

            return self::answer($status, '', $e instanceof RefusedCall ? $e->getMessage() : self::refused($status));
        });
        $exceptions->render(static fn(StoreFault $fault): JsonResponse => self::store($fault->trouble, $fault->words()));
        $exceptions->render(static function (SQLiteDatabaseDoesNotExistException $e): JsonResponse {
            $fault = Container::getInstance()->make(InPlace::class)->gone();

            return self::store($fault->trouble, $fault->words());
        });
        $exceptions->render(static function (PDOException $e): ?JsonResponse {
            $trouble = self::trouble($e);

            return $trouble === null ? null : self::store($trouble, $trouble->words());
        });
        $exceptions->render(static fn(\Throwable $e): JsonResponse => self::answer(500, '', Say::it('calls/failures.something-broke-on-our-side')));
        $exceptions->shouldRenderJsonWhen(static fn(): bool => true);
    }

    private static function refused(int $status): string
    {
        return match ($status) {
            404 => Say::it('calls/failures.nothing-at-this-address'),
            405 => Say::it('calls/failures.not-that-kind-of-call'),
            413 => Say::it('calls/failures.too-large-to-be-read'),
            415 => Say::it('calls/failures.send-json'),
            default => Say::it('calls/failures.this-did-not-work'),
        };
    }

    private static function trouble(PDOException $e): ?StoreTrouble
    {
        return StoreTrouble::of($e, Container::getInstance()->make(Places::class)->notebook);
    }

    private static function store(StoreTrouble $trouble, string $words): JsonResponse
    {
        $answer = self::answer($trouble->status(), '', $words);
        if ($trouble === StoreTrouble::Busy) {
            $answer->headers->set('Retry-After', '1');
        }

        return $answer;
    }

    public static function answer(int $status, string $path, string $message): JsonResponse
    {
        return new JsonResponse(['error' => ['path' => $path, 'message' => $message]], $status);
    }
}
