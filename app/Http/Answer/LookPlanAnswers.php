<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Models\PestCase;
use IdleMixer\Core\Evidence\LookPlans;
use IdleMixer\Core\Evidence\UnsprayedCatalogue;
use IdleMixer\Core\Trouble\Enemies;
use IdleMixer\Core\Trouble\Enemy;
use IdleMixer\Core\Wording\ComparisonWords;

/** Says how the pest of a case is looked at. */
final readonly class LookPlanAnswers
{
    public function __construct(private LookPlans $plans, private UnsprayedCatalogue $unsprayed, private Enemies $enemies) {}

    public function of(PestCase $case): LookPlanAnswer
    {
        $plan = $this->plans->of($case->pest);
        $compared = $case->counts->where('untreated', true)->isNotEmpty();

        return new LookPlanAnswer(
            $plan->spots,
            $plan->spot,
            $plan->where,
            array_map(static fn(string $slug, string $words): ChoosableAnswer => new ChoosableAnswer($slug, $words), array_keys($plan->stages), array_values($plan->stages)),
            $plan->percent,
            $case->spots,
            $compared ? '' : ComparisonWords::of($this->unsprayed->of($case->pest)),
            array_map(static fn(Enemy $enemy): EnemyAnswer => EnemyAnswer::of($enemy, $case->pest), $this->enemies->beside($case->pest)),
        );
    }
}
