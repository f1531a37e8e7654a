<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\AheadAnswer;
use App\Http\Answer\AheadAnswers;
use App\Http\Answer\CaseAnswer;
use App\Http\Answer\CaseAnswers;
use App\Http\Answer\CaseBriefAnswer;
use App\Http\Answer\SavedAnswer;
use App\Http\Answer\SeenAheadAnswer;
use App\Http\Answer\SeenAheadAnswers;
use App\Http\Answer\StoryAnswers;
use App\Http\Api\Call;
use App\Http\Body;
use App\Http\Input\CaseCourseInput;
use App\Http\Input\CaseInput;
use App\Http\Input\CloseInput;
use App\Http\Input\Counts;
use App\Http\Input\RoundInput;
use App\Http\Input\WaitInput;
use App\Http\Paging;
use App\Http\RefusedCall;
use App\Http\Saved;
use App\Http\StoryPage;
use App\Models\Count;
use App\Models\PestCase;
use App\Models\Round;
use App\Models\Wait;
use App\Records\CaseOpener;
use App\Records\CasePlans;
use App\Records\Edits;
use App\Records\Gates;
use App\Records\HourNow;
use App\Records\Submissions;
use IdleMixer\Core\Trouble\Enemies;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Wording\CourseWords;
use IdleMixer\Core\Words\Say;
use IdleMixer\Core\Writing\VerdictWriter;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Psr\Clock\ClockInterface;

final readonly class CaseController
{
    /** Cases of a page. */
    private const ROWS = 20;

    public function __construct(private CaseAnswers $answer, private ClockInterface $clock) {}

    #[Call('Cases, open ones first', answer: ['cases' => [CaseBriefAnswer::class], 'more' => 'boolean'], query: ['from' => ['type' => 'integer', 'minimum' => 0, 'maximum' => 1000000]])]
    public function index(Request $request): JsonResponse
    {
        $page = Paging::of($request, self::ROWS);
        // Which first: what a line tells is reckoned for those of this page only.
        $order = PestCase::query();
        $order->orderByRaw('closed_at is not null')->orderByDesc('opened_at')->orderByDesc('id')->offset($page->from)->limit($page->rows + 1);
        $ids = array_values(array_filter($order->pluck('id')->all(), is_int(...)));
        $shown = array_flip(array_slice($ids, 0, $page->rows));
        $cases = CaseAnswers::briefly(PestCase::query()->whereIn('cases.id', array_keys($shown)))->get();

        return new JsonResponse([
            'cases' => $cases->sortBy(static fn(PestCase $case): int => $shown[$case->id] ?? 0)->map($this->answer->brief(...))->values()->all(),
            'more' => count($ids) > $page->rows,
        ]);
    }

    #[Call('Open a case', answer: CaseAnswer::class, body: '#NewCase', makes: true)]
    public function store(Request $request, TroubleCatalogue $troubles, Enemies $enemies, CaseOpener $opener): JsonResponse
    {
        $input = CaseInput::read(Body::of($request), $troubles, $enemies, $this->clock->now());
        [$case, $new] = $opener->open($input->sent->submitted(), $input->plant, $input->pest, $input->openedAt, $input->notes, seen: $input->seen);

        return $this->say($case->refresh(), Saved::status($new));
    }

    #[Call('One case with its rounds and counts', answer: CaseAnswer::class)]
    public function show(int $id): JsonResponse
    {
        return $this->say($this->find($id), 200);
    }

    #[Call('The rounds and looks of a case from here on, and what they leave open', answer: ['ahead' => '?' . AheadAnswer::class])]
    public function ahead(int $id, AheadAnswers $ahead): JsonResponse
    {
        return new JsonResponse(['ahead' => $ahead->of($this->find($id), $this->clock->now())]);
    }

    #[Call('How what multiplies is expected to go on: left alone, as planned, and with the fewest rounds that end it', answer: SeenAheadAnswer::class)]
    public function seenAhead(int $id, SeenAheadAnswers $seen): JsonResponse
    {
        return new JsonResponse($seen->of($this->find($id), $this->clock->now()));
    }

    #[Call('The same without the fewest rounds: it is told sooner', answer: SeenAheadAnswer::class)]
    public function goingOn(int $id, SeenAheadAnswers $seen): JsonResponse
    {
        return new JsonResponse($seen->of($this->find($id), $this->clock->now(), false));
    }

    #[Call('A case from first sight to closed, as one self-contained page', type: 'text/html')]
    public function story(int $id, StoryAnswers $stories): Response
    {
        return StoryPage::show($stories->of($this->find($id), $this->clock->now()));
    }

    #[Call('Record a round', answer: CaseAnswer::class, body: '#NewRound', makes: true)]
    public function round(Request $request, int $id, Gates $gates, VerdictWriter $verdicts, HourNow $weather): JsonResponse
    {
        $case = $this->find($id);
        $node = Body::of($request);
        $input = RoundInput::read($node, $this->clock->now());
        // Of what was bought its own label speaks.
        $closed = $input->batch === null ? null : $gates->ofBatch($case->plant, $input->batch, $input->sprayedAt)->closedBy();
        if ($closed !== null && $input->override === '') {
            throw ($input->sent->object->optional('override') ?? $node)->fault(Say::it('calls/case-controller.to-spray-all-same-say', ['because' => $verdicts->write($closed)->because]));
        }
        [$round, $new] = Submissions::of(Round::query(), $input->sent->submitted()->under("cases/{$id}"), [
            'case_id' => $case->id,
            ...$input->columns(),
            'sprayed_at' => $input->sprayedAt,
            'hand_work' => $input->handWork,
            'rinsed' => $input->rinsed,
            'notes' => $input->notes,
            'override' => $closed === null ? '' : $input->override,
            'weather' => $weather->kept($input->sprayedAt),
        ]);

        return $this->say($case, Saved::status($new), new SavedAnswer('rounds', $round->id, $round->submission, $round->version));
    }

    #[Call('Record a count', answer: ['saved' => SavedAnswer::class], body: '#NewCount', makes: true)]
    public function count(Request $request, int $id, Counts $counts): JsonResponse
    {
        $case = $this->find($id);
        $input = $counts->read(Body::of($request), $case->pest, $this->clock->now());
        [$count, $new] = Submissions::of(Count::query(), $input->sent->submitted()->under("cases/{$id}"), [
            'case_id' => $case->id,
            ...$input->columns(),
        ]);
        if ($new && $input->spots !== null) {
            // Where one counts is a habit, no record: it is kept without a version.
            PestCase::query()->where('id', $case->id)->update(['spots' => $input->spots]);
        }

        return new JsonResponse(['saved' => new SavedAnswer('counts', $count->id, $count->submission, $count->version)], Saved::status($new));
    }

    #[Call('Wait instead of spraying, until somebody looks again', answer: CaseAnswer::class, body: '#NewWait', makes: true)]
    public function wait(Request $request, int $id, Enemies $enemies): JsonResponse
    {
        $case = $this->find($id);
        $now = $this->clock->now();
        $input = WaitInput::read(Body::of($request), $enemies);
        [$wait, $new] = Submissions::of(Wait::query(), $input->sent->submitted()->under("cases/{$id}"), [
            'case_id' => $case->id,
            'begun_at' => $now,
            'look_at' => $now->modify("+{$input->days} days"),
            'because' => $input->because->value,
            'seen' => $input->seen === [] ? null : json_encode($input->seen, \JSON_THROW_ON_ERROR),
        ]);

        return $this->say($case->refresh(), Saved::status($new), new SavedAnswer('waits', $wait->id, $wait->submission, $wait->version));
    }

    #[Call('Close a case, or open it again', answer: CaseAnswer::class, body: '#CloseCase')]
    public function close(Request $request, int $id): JsonResponse
    {
        $case = $this->find($id);
        $input = CloseInput::read(Body::of($request));
        Edits::fill($case, $input->basedOn, ['closed_at' => $input->closed ? $case->closed_at ?? $this->clock->now() : null, 'conclusion' => $input->conclusion]);
        $case->save();

        return $this->say($case, 200);
    }

    #[Call('Other days between its rounds than its school has, and when its buds break', answer: CaseAnswer::class, body: '#CaseCourse')]
    public function course(Request $request, int $id, CasePlans $plans, CourseWords $words): JsonResponse
    {
        $case = $this->find($id);
        $input = CaseCourseInput::read(Body::of($request));
        $against = $input->everyDays === null ? null : $plans->against($case, $input->everyDays, $this->clock->now());
        if ($against?->nearest !== null) {
            throw $input->object->get('everyDays')->fault("{$words->because($against, static fn(int $day): string => (string) $day)} {$words->nearest($against->nearest)}");
        }
        // Who wants other days between rounds wants none that were chosen before.
        $dates = $input->everyDays === $case->every_days ? [] : ['round_dates' => null, 'dates_chosen_at' => null];
        Edits::fill($case, $input->basedOn, ['every_days' => $input->everyDays, 'bud_break_on' => $input->budBreakOn, ...$dates]);
        $case->save();

        return $this->say($case->refresh(), 200);
    }

    private function find(int $id): PestCase
    {
        return PestCase::query()->find($id) ?? throw RefusedCall::notFound('case', $id);
    }

    private function say(PestCase $case, int $status, ?SavedAnswer $saved = null): JsonResponse
    {
        return new JsonResponse($this->answer->whole($case, $this->clock->now(), $saved), $status);
    }
}
