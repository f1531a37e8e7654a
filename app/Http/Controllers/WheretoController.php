<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\WhereAnswer;
use App\Http\Answer\WhereAnswers;
use App\Http\Api\Call;
use App\Http\Middleware\NamedByKey;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Words\Say;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Where something belongs that was entered for another notebook. */
final readonly class WheretoController
{
    public function __construct(private WhereAnswers $places) {}

    #[Call('Where something belongs that waited on a device, in the notebook that there is now: the record that it was entered for, where that is here, and the others that it may have been', answer: ['here' => '?' . WhereAnswer::class, 'choices' => [WhereAnswer::class]], query: ['kind' => ['enum' => WhereAnswers::KINDS], 'key' => ['type' => 'string', 'format' => 'uuid']])]
    public function __invoke(Request $request): JsonResponse
    {
        $kind = $request->query('kind');
        if (! is_string($kind) || ! in_array($kind, WhereAnswers::KINDS, true)) {
            throw InvalidDocument::because('/kind', Say::it('calls/whereto-controller.one-of', ['kinds' => implode(', ', WhereAnswers::KINDS)]), $kind);
        }
        $key = $request->query('key');
        if (! is_string($key) || preg_match('/\A' . NamedByKey::PATTERN . '\z/', $key) !== 1) {
            throw InvalidDocument::because('/key', Say::it('input/sent.expected-uuid-made-up-for'), $key);
        }

        return new JsonResponse(['here' => $this->places->here($kind, strtolower($key)), 'choices' => $this->places->choices($kind)]);
    }
}
