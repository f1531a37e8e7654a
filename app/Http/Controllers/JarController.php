<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\Instant;
use App\Http\Answer\JarAnswer;
use App\Http\Api\Call;
use App\Records\Jars;
use IdleMixer\Core\Wording\Measures;
use Illuminate\Http\JsonResponse;

/** The stocks that stand ready. */
final class JarController
{
    #[Call('The stocks that stand ready in jars.', answer: ['jars' => [JarAnswer::class]])]
    public function __invoke(Jars $jars): JsonResponse
    {
        $all = [];
        foreach ($jars->standing() as [$batch, $slug, $jar]) {
            $all[] = new JarAnswer($batch->id, $slug, $batch->name, $jar->left(), Measures::metric($jar->left()), Instant::of($batch->made_at ?? $batch->started_at), Instant::maybe($batch->discard_at));
        }

        return new JsonResponse(['jars' => $all]);
    }
}
