<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\NextTrialAnswers;
use App\Http\Answer\TrialAnswer;
use App\Http\Answer\TrialAnswers;
use App\Http\Api\Call;
use App\Http\Body;
use App\Http\Input\Moment;
use App\Http\Input\Sent;
use App\Http\Input\TrialInput;
use App\Http\RefusedCall;
use App\Http\Saved;
use App\Models\Trial;
use App\Models\TrialLook;
use App\Records\Corrections;
use App\Records\OpenTrials;
use App\Records\RecipeShelf;
use App\Records\Submissions;
use App\Records\TrialBook;
use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Psr\Clock\ClockInterface;

/** Trials of two sprays side by side. */
final readonly class TrialController
{
    private const LONGEST = 1000;

    public function __construct(private TrialAnswers $answer, private TrialBook $book, private ClockInterface $clock) {}

    #[Call('Trials, newest first', answer: ['trials' => [TrialAnswer::class]])]
    public function index(): JsonResponse
    {
        $trials = Trial::query()->with(OpenTrials::WITH);
        $trials->orderByDesc('begun_at')->orderByDesc('id')->limit(InputLines::MOST_SPOTS['value']);

        return new JsonResponse(['trials' => $trials->get()->map($this->answer->of(...))->values()->all()]);
    }

    #[Call('One trial', answer: TrialAnswer::class)]
    public function show(int $id): JsonResponse
    {
        return new JsonResponse($this->answer->of($this->find($id)));
    }

    #[Call('The next trial that would settle most about a pest', answer: ['next' => ['oneOf' => [['type' => 'object', 'required' => ['one', 'other', 'units', 'powerPercent', 'words'], 'properties' => ['one' => ['type' => 'string'], 'other' => ['type' => 'string'], 'units' => ['type' => 'integer'], 'powerPercent' => ['type' => 'number'], 'words' => ['type' => 'string']], 'additionalProperties' => false], ['type' => 'null']]]])]
    public function next(string $pest, NextTrialAnswers $next, TroubleCatalogue $troubles): JsonResponse
    {
        if (! in_array($pest, $troubles->pestSlugs(), true)) {
            throw RefusedCall::notFound('pest', $pest);
        }

        return new JsonResponse(['next' => $next->of($pest)]);
    }

    #[Call('Begin a trial', answer: TrialAnswer::class, body: '#NewTrial', makes: true)]
    public function store(Request $request, TroubleCatalogue $troubles, RecipeShelf $shelf): JsonResponse
    {
        $input = TrialInput::read(Body::of($request), $troubles, $shelf, $this->clock->now());
        [$trial, $new] = $this->book->begin($input->sent->submitted(), $input->columns(), $input->plants, $input->recipes, $input->alone);

        return new JsonResponse($this->answer->of($trial->refresh()), Saved::status($new));
    }

    #[Call('Keep a look at every leaf or plant', answer: TrialAnswer::class, body: '#NewTrialLook', makes: true)]
    public function look(Request $request, int $id): JsonResponse
    {
        $trial = $this->find($id);
        $sent = Sent::opened(Body::of($request), ['countedAt', 'counts'], correcting: false);
        [, $new] = Submissions::of(TrialLook::query(), $sent->submitted()->under("trials/{$id}"), [
            'trial_id' => $trial->id,
            'counted_at' => Moment::past($sent->object->optional('countedAt'), $this->clock->now()),
            'counts' => self::counts($sent->object->get('counts'), $trial),
        ]);

        return new JsonResponse($this->answer->of($trial->load('looks')), Saved::status($new));
    }

    #[Call('Correct a look of a trial', answer: TrialAnswer::class, body: '#CorrectedTrialLook')]
    public function correctLook(Request $request, int $id): JsonResponse
    {
        $look = TrialLook::query()->find($id) ?? throw RefusedCall::notFound('look', $id);
        $sent = Sent::opened(Body::of($request), ['countedAt', 'counts'], correcting: true);
        Corrections::correct($look, $sent->basedOn, [
            'counted_at' => Moment::past($sent->object->optional('countedAt'), $this->clock->now()),
            'counts' => self::counts($sent->object->get('counts'), $look->trial),
        ], $this->clock->now());

        return new JsonResponse($this->answer->of($this->find($look->trial_id)));
    }

    /** When it was sprayed, when it ended, and what came of it. */
    #[Call('When it was sprayed, when it ended, what came of it', answer: TrialAnswer::class, body: '#ChangedTrial')]
    public function update(Request $request, int $id): JsonResponse
    {
        $trial = $this->find($id);
        $sent = Sent::toChange(Body::of($request), ['sprayed', 'ended', 'conclusion']);
        $object = $sent->object;
        $now = $this->clock->now();
        $sprayed = $object->filled('sprayed')?->flag() ?? $trial->sprayed_at !== null;
        $ended = $object->filled('ended')?->flag() ?? $trial->ended_at !== null;
        Corrections::correct($trial, $sent->basedOn, [
            'sprayed_at' => $sprayed ? $trial->sprayed_at ?? $now : null,
            'ended_at' => $ended ? $trial->ended_at ?? $now : null,
            'conclusion' => $object->filled('conclusion')?->text(self::LONGEST) ?? $trial->conclusion,
        ], $now);

        return new JsonResponse($this->answer->of($trial->refresh()));
    }

    private static function counts(Node $node, Trial $trial): string
    {
        $counts = array_map(static fn(Node $one): ?float => $one->isNull() ? null : $one->countUpTo(InputLines::MOST_BY_EYE['value']), $node->items($trial->units, $trial->units, 'counts'));

        return json_encode($counts, \JSON_THROW_ON_ERROR);
    }

    private function find(int $id): Trial
    {
        return Trial::query()->with(OpenTrials::WITH)->find($id) ?? throw RefusedCall::notFound('trial', $id);
    }
}
