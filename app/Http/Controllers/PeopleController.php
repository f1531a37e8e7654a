<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Api\Call;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;

/** The names that stand on records so far, to choose one from. */
final class PeopleController
{
    private const MOST = 50;

    #[Call('The names that stand on records so far', answer: ['people' => ['type' => 'array', 'maxItems' => 50, 'items' => ['type' => 'string']]])]
    public function __invoke(): JsonResponse
    {
        $names = DB::table('counts')->select('who')->distinct();
        foreach (['rounds', 'batches', 'plants', 'cases', 'leaf_readings', 'run_taps', 'batch_ticks'] as $table) {
            $names->union(DB::table($table)->select('who')->distinct());
        }
        $all = array_values(array_filter($names->pluck('who')->all(), static fn(mixed $name): bool => is_string($name) && $name !== ''));
        sort($all);

        return new JsonResponse(['people' => array_slice($all, 0, self::MOST)]);
    }
}
