<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Api\Call;
use App\Http\InnerCalls;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Words\Say;
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
            throw InvalidDocument::because('/get', Say::it('calls/several-controller.from-1-to-addresses-are', ['most' => InnerCalls::MOST]), count($paths));
        }
        foreach ($paths as $path) {
            if (preg_match('#^/api/(?!several)[a-z]#', $path) !== 1) {
                throw InvalidDocument::because('/get', Say::it('calls/several-controller.no-address-of-api-one'), $path);
            }
        }

        return JsonResponse::fromJsonString(InnerCalls::json($this->calls->each($paths)));
    }
}
