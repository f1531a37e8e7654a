<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\GlossaryAnswer;
use App\Http\Api\Call;
use IdleMixer\Core\Wording\Glossary;
use IdleMixer\Core\Wording\GlossaryTerm;
use Illuminate\Http\JsonResponse;

/** Words that a gardener may not know. */
final readonly class GlossaryController
{
    #[Call('Words of the field, and what they mean', answer: ['terms' => [GlossaryAnswer::class]])]
    public function __invoke(): JsonResponse
    {
        return new JsonResponse(['terms' => array_map(static fn(GlossaryTerm $one): GlossaryAnswer => new GlossaryAnswer($one->code, $one->term, $one->also, $one->means), Glossary::all())]);
    }
}
