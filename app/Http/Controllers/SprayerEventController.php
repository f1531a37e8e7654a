<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\SavedAnswer;
use App\Http\Api\Call;
use App\Http\Body;
use App\Http\Input\Sent;
use App\Http\RefusedCall;
use App\Http\Saved;
use App\Models\Sprayer;
use App\Records\SprayerMemories;
use IdleMixer\Core\Vessel\SprayerMemory;
use IdleMixer\Core\Words\Say;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Psr\Clock\ClockInterface;

/** What happened to a sprayer besides being filled. */
final class SprayerEventController
{
    private const KINDS = [SprayerMemory::WASHED, SprayerMemory::EMPTIED, SprayerMemory::WEED_KILLER];

    private const LONGEST_NOTE = 500;

    #[Call('Say that a sprayer was washed, emptied, or held weed killer', answer: ['saved' => SavedAnswer::class], body: ['submission' => 'uuid', 'kind' => ['enum' => ['washed', 'emptied', 'weed-killer']], 'notes?' => 'string'], makes: true)]
    public function __invoke(Request $request, int $id, ClockInterface $clock): JsonResponse
    {
        $sprayer = Sprayer::query()->find($id) ?? throw RefusedCall::notFound('sprayer', $id);
        $sent = Sent::opened(Body::of($request), ['kind', 'notes'], false);
        $kind = $sent->object->get('kind')->word(self::KINDS, Say::it('calls/sprayer-event-controller.event-of-sprayer'));
        $event = SprayerMemories::happened($sent->submitted()->under("sprayers/{$id}"), $sprayer, $kind, $sent->object->optional('notes')?->text(self::LONGEST_NOTE) ?? '', $clock->now());

        return new JsonResponse(['saved' => new SavedAnswer('sprayer-events', $event->id, $event->submission, $event->version)], Saved::status($event->wasRecentlyCreated));
    }
}
