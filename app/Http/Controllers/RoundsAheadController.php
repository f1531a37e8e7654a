<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Declared\Values\Days;
use App\Declared\Values\Slugs;
use App\Http\Answer\CaseAnswer;
use App\Http\Answer\CaseAnswers;
use App\Http\Answer\MovedRoundsAnswer;
use App\Http\Answer\SeenAheadAnswers;
use App\Http\Api\Call;
use App\Http\Body;
use App\Http\Input\RoundDatesInput;
use App\Http\Input\Sent;
use App\Http\RefusedCall;
use App\Models\PestCase;
use App\Records\Edits;
use App\Records\Forecasts;
use App\Records\OwnDays;
use App\Records\RecipeShelf;
use App\Records\SeenAhead;
use DateTimeImmutable;
use IdleMixer\Core\Data\ScheduleLines;
use IdleMixer\Core\Habit\Written;
use IdleMixer\Core\Population\Wanted;
use IdleMixer\Core\Schedule\WantedDays;
use IdleMixer\Core\Words\Say;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Psr\Clock\ClockInterface;

/** The rounds to come of a case, on days of the gardener's own. */
final readonly class RoundsAheadController
{
    public function __construct(private Forecasts $forecasts, private OwnDays $ownDays, private ClockInterface $clock) {}

    #[Call('What would come of rounds on these days, and of each day that one of them may be moved to; nothing is kept', answer: MovedRoundsAnswer::class, body: '#RoundsAsked')]
    public function ask(Request $request, int $id, SeenAheadAnswers $answers): JsonResponse
    {
        $case = $this->find($id);
        $input = RoundDatesInput::asked(Body::of($request));
        [$seen, $rounds] = $this->judged($case, $input);
        $which = $input->object->filled('which')?->whole(0, ScheduleLines::MOST_ROUNDS['value']) ?? count($rounds);

        return new JsonResponse($answers->moved($seen, $rounds, $which));
    }

    #[Call('Have the rounds to come on these days; as the school has it where none is named', answer: CaseAnswer::class, body: '#RoundDates')]
    public function keep(Request $request, int $id, CaseAnswers $answer): JsonResponse
    {
        $case = $this->find($id);
        $input = RoundDatesInput::kept(Body::of($request));
        if ($input->on !== []) {
            $this->judged($case, $input);
        }
        Edits::fill($case, $input->basedOn ?? 0, ['round_dates' => $input->on === [] ? null : Days::kept(WantedDays::of($input->on)), 'dates_chosen_at' => $input->on === [] ? null : $this->clock->now()]);
        $case->save();

        return new JsonResponse($answer->whole($case->refresh(), $this->clock->now()), 200);
    }

    #[Call('Spray these in turn from now on, the first to begin with; as it was begun where none is named', answer: CaseAnswer::class, body: '#CaseTurns')]
    public function turns(Request $request, int $id, RecipeShelf $shelf, CaseAnswers $answer): JsonResponse
    {
        $case = $this->find($id);
        $sent = Sent::toChange(Body::of($request), ['turns']);
        $node = $sent->object->get('turns');
        $turns = array_values(array_unique(Slugs::read($node)));
        foreach ($turns as $slug) {
            if ($shelf->named([$slug]) === []) {
                throw $node->fault(Say::it('calls/rounds-ahead-controller.no-recipe', ['slug' => $slug]));
            }
        }
        Edits::fill($case, $sent->basedOn, ['turns' => Slugs::kept($turns), 'turns_chosen_at' => $turns === [] ? null : $this->clock->now()]);
        $case->save();

        return new JsonResponse($answer->whole($case->refresh(), $this->clock->now()), 200);
    }

    /** @return array{SeenAhead, list<int>} and days after the first count */
    private function judged(PestCase $case, RoundDatesInput $input): array
    {
        $seen = $this->forecasts->of($case, $this->clock->now());
        $room = $seen?->room;
        if ($seen === null || $room === null) {
            throw $input->object->get('on')->fault(Say::it('calls/rounds-ahead-controller.not-seen'));
        }
        $rounds = array_map(static fn(string $on): int => $seen->days->ofDate(new DateTimeImmutable($on)), $input->on);
        $against = $room->against($rounds);
        if ($against !== null) {
            throw $input->object->get('on')->fault($this->why($seen, $room, $against));
        }
        if (count($rounds) > $room->atMost) {
            throw $input->object->get('on')->fault(Say::it('calls/rounds-ahead-controller.too-many', ['most' => $room->atMost]));
        }

        return [$seen, $rounds];
    }

    private function why(SeenAhead $seen, Wanted $room, int $day): string
    {
        $on = Written::weekday($seen->days->on($day));

        return match (true) {
            $day < $room->first => Say::it('calls/rounds-ahead-controller.not-before', ['day' => $on, 'first' => Written::weekday($seen->days->on($room->first))]),
            $day > $room->until => Say::it('calls/rounds-ahead-controller.not-after', ['day' => $on, 'until' => Written::weekday($seen->days->on($room->until))]),
            $this->ownDays->of()?->isAway($seen->on($day)) === true => Say::it('calls/rounds-ahead-controller.away', ['day' => $on]),
            ! $room->allows($day) => Say::it('calls/rounds-ahead-controller.no-hour', ['day' => $on]),
            default => Say::it('calls/rounds-ahead-controller.too-close', ['day' => $on, 'gap' => $room->gap]),
        };
    }

    private function find(int $id): PestCase
    {
        return PestCase::query()->find($id) ?? throw RefusedCall::notFound('case', $id);
    }
}
