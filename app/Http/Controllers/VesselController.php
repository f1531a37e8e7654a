<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\ShedAnswer;
use App\Http\Body;
use App\Http\Input\RetiredInput;
use App\Http\Input\VesselInput;
use App\Http\Said;
use App\Models\Measure;
use App\Models\Sprayer;
use App\Records\Once;
use IdleMixer\Core\Document\Node;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Psr\Clock\ClockInterface;

/**
 * Things in the shed that hold so much: what is the same for sprayers and for measures.
 *
 * @template T of Sprayer|Measure
 */
abstract class VesselController
{
    public function __construct(private readonly ShedAnswer $answer, private readonly Once $once) {}

    /** @return Builder<T> */
    abstract protected function records(): Builder;

    abstract protected function read(Node $body): VesselInput;

    /** What one is called: sprayer, measure. */
    abstract protected function name(): string;

    public function index(): JsonResponse
    {
        $all = $this->records()->orderByDesc('amount')->orderBy('id')->get();

        return new JsonResponse([$this->name() . 's' => array_values($all->map($this->answer->vessel(...))->all())]);
    }

    public function store(Request $request): JsonResponse
    {
        $input = $this->read(Body::of($request));
        [$made, $new] = $this->once->of($this->records(), $input->submission, fn(): Sprayer|Measure => $this->records()->create([
            'submission' => $input->submission,
            'name' => $input->name,
            'amount' => $input->holds->value,
            'unit' => $input->holds->unit->value,
        ]));

        return new JsonResponse($this->answer->vessel($made), $new ? 201 : 200);
    }

    public function retire(Request $request, int $id, ClockInterface $clock): JsonResponse
    {
        $vessel = $this->records()->find($id) ?? throw Said::notFound($this->name(), $id);
        $vessel->update(['retired_at' => RetiredInput::read(Body::of($request)) ? $clock->now() : null]);

        return new JsonResponse($this->answer->vessel($vessel));
    }
}
