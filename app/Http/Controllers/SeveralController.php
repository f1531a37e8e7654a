<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Api\Call;
use App\Http\InnerCalls;
use IdleMixer\Core\Document\InvalidDocument;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Several questions in one call. */
final readonly class SeveralController
{
    public function __construct(private InnerCalls $calls) {}

    #[Call('Several questions in one call', answer: ['type' => 'object', 'additionalProperties' => ['type' => 'object', 'required' => ['status', 'body'], 'properties' => ['status' => ['type' => 'integer'], 'body' => ['description' => 'As that address answers.']], 'additionalProperties' => false]], query: ['get[]' => ['type' => 'array', 'items' => ['type' => 'string']]])]
    public function __invoke(Request $request): JsonResponse
    {
        $paths = array_values(array_unique(array_filter((array) $request->query('get', []), is_string(...))));
        if ($paths === [] || count($paths) > InnerCalls::MOST) {
            throw InvalidDocument::because('/get', 'From 1 to ' . InnerCalls::MOST . ' addresses are needed, each as get[]=; found {found}.', count($paths));
        }
        foreach ($paths as $path) {
            if (preg_match('#^/api/(?!several)[a-z]#', $path) !== 1) {
                throw InvalidDocument::because('/get', '{found} is no address of the API; one like /api/today is needed.', $path);
            }
        }

        return JsonResponse::fromJsonString(InnerCalls::json($this->calls->each($paths)));
    }
}
