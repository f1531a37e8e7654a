<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Api\Call;
use Illuminate\Http\JsonResponse;

/** The bare route that speed is measured against. */
final class PingController
{
    #[Call('The bare route that speed is measured against', answer: ['ok' => ['const' => true]])]
    public function __invoke(): JsonResponse
    {
        return new JsonResponse(['ok' => true]);
    }
}
