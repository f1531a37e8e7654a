<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Batch;
use App\Models\PestCase;
use DateTimeImmutable;
use IdleMixer\Core\Bench\BenchReader;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Plan\Mender;
use IdleMixer\Core\Plan\Planner;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Safety\Level;
use IdleMixer\Core\Schedule\Agenda;
use IdleMixer\Core\Words\Say;

/** Finds what the bench opens on: what is asked for, what is due, what was mixed last; never a spray that is a stop. */
final readonly class Openings
{
    /** Batches that are looked back through. */
    private const BACK = 12;

    public function __construct(
        private CasesAsk $asks,
        private NextSprays $sprays,
        private RecipeCatalogue $recipes,
        private BenchReader $benches,
        private Planner $planner,
    ) {}

    public function again(Batch $batch): Opening
    {
        return new Opening(OpeningReason::Again, self::open($batch->case), $batch, null, $batch->recipeVersion->recipe->slug);
    }

    public function forCase(PestCase $case, DateTimeImmutable $now, OpeningReason $why = OpeningReason::ForCase): ?Opening
    {
        $next = $this->sprays->of($case, $now);
        if ($next->slug === null) {
            return null;
        }
        $like = NextSprays::like($case, $next->slug)->batch ?? $case->rounds->last()->batch ?? Batch::query()->whereNotNull('made_at')->where('for_leaf_test', false)->orderByDesc('started_at')->orderByDesc('id')->first();

        return new Opening($why, $case, $like, $next->option, $next->slug);
    }

    public function due(DateTimeImmutable $now): Opening
    {
        foreach ($this->asks->rounds() as $id => $at) {
            $case = Agenda::isForToday($at, $now) ? PestCase::query()->find($id) : null;
            $moved = $case === null ? null : $this->asks->nextRound($case, $now);
            $opening = $case === null || $moved === null || ! Agenda::isForToday($moved, $now) ? null : $this->forCase($case, $now, OpeningReason::Due);
            if ($opening !== null) {
                return $opening;
            }
        }

        return $this->last() ?? new Opening(OpeningReason::First, null, null, null, $this->calm());
    }

    private function last(): ?Opening
    {
        foreach (Batch::query()->where('for_leaf_test', false)->orderByDesc('started_at')->orderByDesc('id')->limit(self::BACK)->get() as $batch) {
            if (! self::isStopped($batch)) {
                return new Opening(OpeningReason::Last, self::open($batch->case), $batch, null, $batch->recipeVersion->recipe->slug);
            }
        }

        return null;
    }

    private static function isStopped(Batch $batch): bool
    {
        $document = JsonText::kept($batch->document)->open();
        foreach ($document->get('plan')->open()->get('verdicts')->items(0, 1000, 'verdicts') as $verdict) {
            if ($verdict->open()->get('level')->text(20) === Level::Stop->value) {
                return true;
            }
        }

        return $document->get('recipe')->open()->get('use')->text(20) === RecipeUse::Stock->value;
    }

    private static function open(?PestCase $case): ?PestCase
    {
        return $case?->closed_at === null ? $case : null;
    }

    /** The first shipped spray that nothing speaks against. */
    private function calm(): string
    {
        foreach ($this->recipes->slugs() as $slug) {
            $bench = json_encode(['request' => ['recipe' => $slug, 'make' => ['amount' => 1, 'unit' => 'L']]], \JSON_THROW_ON_ERROR);
            if (Mender::worst($this->planner->plan($this->benches->read(JsonText::parse($bench)))) === Level::Ok) {
                return $slug;
            }
        }

        throw new \LogicException(Say::it('records/openings.something-speaks-against-every-shipped'));
    }
}
