<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Batch;
use App\Models\Count;
use App\Models\PestCase;
use IdleMixer\Core\Bought\Bought;
use IdleMixer\Core\Choice\Severity;
use IdleMixer\Core\Choice\SeverityScale;
use IdleMixer\Core\Course\Pacing;
use IdleMixer\Core\Method\Method;
use IdleMixer\Core\Method\Pressure;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Schedule\BiologyCatalogue;
use IdleMixer\Core\Work\AsMade;
use IdleMixer\Core\Work\Load;

/** How bad a case is, and so how many days lie between its rounds: the one place, for every screen. */
final readonly class Rhythms
{
    public function __construct(private RecipeShelf $shelf, private SeverityScale $scale, private BiologyCatalogue $biology, private BatchBook $book) {}

    /** As it was weighed; moderate until it was. */
    public function pressure(PestCase $case): Pressure
    {
        return Pressure::tryFrom($case->pressure ?? '') ?? Pressure::Moderate;
    }

    /** By its last count, else by what was said of it; moderate where nobody said. All its counts have to be there. */
    public function weighed(PestCase $case): Pressure
    {
        return Pressure::from($this->severity($case, $case->counts->filter(static fn(Count $count): bool => ! $count->untreated)->last()?->value)->value);
    }

    /** How bad a case is, by its latest count, else by what was said of it. */
    public function severity(PestCase $case, ?float $latest): Severity
    {
        $said = $latest === null ? Severity::tryFrom((new Remembered($case->situation))->text('severity') ?? '') : null;

        return $said ?? $this->scale->of($case->pest, $latest);
    }

    /** How its school uses what was mixed. */
    public function method(Batch $batch): Method
    {
        return $this->shelf->method($batch->recipeVersion);
    }

    /** Days to the next round with a method, as the gardener wants them, else as its school has them; null where it is done once. */
    public function days(PestCase $case, Method $method, Mixture $mixture): ?int
    {
        return Pacing::of($method, $this->pressure($case), $this->biology->of($case->pest), null, $case->every_days, $mixture);
    }

    /** Days from the last round of a case to the next of the same; null where there is none. */
    public function afterLast(PestCase $case): ?int
    {
        $last = $case->rounds->last();
        $batch = $last?->batch;
        if ($batch === null) {
            return $last === null ? null : Bought::nextDays($case->every_days);
        }
        $batch->loadMissing('recipeVersion.recipe');

        return $this->days($case, $this->method($batch), AsMade::together(array_map(static fn(Load $load): Mixture => $load->mixture, $this->book->record($batch)->loads)));
    }

    /** The same where it is so cool; null where that makes no difference, or rounds go by what hatches and not by the spray. */
    public function slowed(PestCase $case, float $celsius): ?int
    {
        $biology = $this->biology->of($case->pest);
        $days = $case->every_days !== null || $biology === null || $biology->every !== null || $case->round_days === null ? null : Pacing::slowed($case->round_days, $biology, $celsius);

        return $days === $case->round_days ? null : $days;
    }
}
