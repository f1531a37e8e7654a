<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\SignInAnswer;
use App\Http\Api\Call;
use App\Http\SignIns;
use Illuminate\Http\JsonResponse;

/** Who came in from other machines lately. */
final readonly class SignInController
{
    private const SHOWN = 50;

    #[Call('Who came in from other machines, and who tried to; the newest first', answer: ['signIns' => [SignInAnswer::class]])]
    public function __invoke(SignIns $signIns): JsonResponse
    {
        return new JsonResponse(['signIns' => $signIns->latest(self::SHOWN)]);
    }
}
