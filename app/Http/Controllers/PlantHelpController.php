<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\BurntAnswer;
use App\Http\Answer\BurntRoundAnswer;
use App\Http\Answer\Instant;
use App\Http\Answer\KindAnswer;
use App\Http\Answer\RefAnswer;
use App\Http\Api\Call;
use App\Http\RefusedCall;
use App\Models\PestCase;
use App\Models\Plant;
use App\Models\Round;
use IdleMixer\Core\Data\GateLines;
use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Leaf\FirstAid;
use IdleMixer\Core\Plant\KindCatalogue;
use IdleMixer\Core\Wording\KindWords;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Psr\Clock\ClockInterface;

/** What is known of a kind of plant, and what to do for one whose leaves look burnt. */
final readonly class PlantHelpController
{
    #[Call('What a kind of plant tells, proposed and not kept', answer: ['kind' => '?' . KindAnswer::class], query: ['said' => ['type' => 'string', 'maxLength' => InputLines::LONGEST_NAME['value']]])]
    public function kind(Request $request, KindCatalogue $kinds): JsonResponse
    {
        $said = $request->query('said');
        $kind = is_string($said) ? $kinds->read(mb_substr($said, 0, InputLines::LONGEST_NAME['value'])) : null;

        return new JsonResponse(['kind' => $kind === null ? null : new KindAnswer($kind->name, $kind->leaf->slug, $kind->bearsNoOil, $kind->soapSensitive, KindWords::of($kind))]);
    }

    #[Call('What to do when the leaves of a plant look burnt, and which rounds may have done it', answer: BurntAnswer::class)]
    public function burnt(int $id, ClockInterface $clock): JsonResponse
    {
        $plant = Plant::query()->find($id) ?? throw RefusedCall::notFound('plant', $id);
        $now = $clock->now();
        $rounds = Round::query()->whereIn('case_id', PestCase::any(PestCase::query())->where('plant_id', $plant->id)->select('id'))->where('sprayed_at', '>=', $now->modify('-' . GateLines::BURN_ASKED_BACK['value'] . ' days'))->where('sprayed_at', '<=', $now)->with('batch:id,submission,name')->orderByDesc('sprayed_at')->orderByDesc('id')->get();

        return new JsonResponse(new BurntAnswer(
            FirstAid::steps($rounds->first()?->sprayed_at, $now),
            array_values($rounds->map(static fn(Round $round): BurntRoundAnswer => new BurntRoundAnswer($round->submission, $round->name(), RefAnswer::batch($round->batch), Instant::of($round->sprayed_at), FirstAid::mayBe($round->sprayed_at, $now)))->all()),
        ));
    }
}
