<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\MeasuredLeafAnswer;
use App\Http\Api\Call;
use App\Http\Body;
use App\Http\Input\LeafPicture;
use App\Http\RefusedCall;
use App\Models\Burn;
use App\Models\BurnPhoto;
use IdleMixer\Core\Photo\Change;
use IdleMixer\Core\Words\Say;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Psr\Clock\ClockInterface;

/** A photograph of leaves that burnt after a round, without a leaf test. */
final class BurnPhotoController
{
    #[Call('The photograph of leaves that burnt', type: 'image/jpeg')]
    public function show(int $id): Response
    {
        $photo = BurnPhoto::query()->where('burn_id', $id)->first() ?? throw RefusedCall::notFound(Say::it('calls/burn-photo-controller.photograph-of-burn'), $id);

        return new Response((string) base64_decode($photo->picture, true), 200, ['Content-Type' => 'image/jpeg']);
    }

    #[Call('Measure a photograph of a leaf; nothing is kept', answer: ['measured' => '?' . MeasuredLeafAnswer::class], body: ['picture' => ['type' => 'string', 'description' => 'A JPEG, PNG or WebP in base 64.']])]
    public function measure(Request $request): JsonResponse
    {
        $measured = LeafPicture::read(Body::of($request)->object(['picture'])->get('picture'))?->measured();

        return new JsonResponse(['measured' => $measured === null ? null : MeasuredLeafAnswer::of($measured, Change::between(null, $measured), false)]);
    }

    /** An empty one takes it away; one that cannot be measured shows what burnt all the same. */
    #[Call('Keep a photograph of leaves that burnt; an empty one takes it away', answer: ['photoAt' => '?date-time'], body: ['picture' => ['type' => 'string', 'description' => 'A JPEG, PNG or WebP in base 64.']])]
    public function store(Request $request, int $id, ClockInterface $clock): JsonResponse
    {
        Burn::query()->find($id) ?? throw RefusedCall::notFound('burn', $id);
        $picture = LeafPicture::read(Body::of($request)->object(['picture'])->get('picture'));
        if ($picture === null) {
            BurnPhoto::query()->where('burn_id', $id)->delete();

            return new JsonResponse(['photoAt' => null]);
        }
        BurnPhoto::query()->updateOrCreate(['burn_id' => $id], ['picture' => $picture->kept(), 'taken_at' => $clock->now()]);

        return new JsonResponse(['photoAt' => $clock->now()->format('Y-m-d\TH:i:s\Z')]);
    }
}
