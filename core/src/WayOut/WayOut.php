<?php

declare(strict_types=1);

namespace IdleMixer\Core\WayOut;

use IdleMixer\Core\Gate\PlaceRule;
use IdleMixer\Core\Gate\Question;
use IdleMixer\Core\Gate\SprayNow;
use IdleMixer\Core\Measure\ScoopPlanner;
use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Plant\ToleranceClass;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Safety\Bound;
use IdleMixer\Core\Safety\Ceilings;
use IdleMixer\Core\Safety\Limits;
use IdleMixer\Core\Safety\Target;
use IdleMixer\Core\Safety\UnknownLimit;
use IdleMixer\Core\Work\Load;

/**
 * What to do when it went wrong. Every advice is worked through to its end for everything that may stand in the
 * sprayer, and given only when all of that ends within the limits and within the sprayer.
 */
final readonly class WayOut
{
    /** @param list<Bound> $drench limits of a drench */
    public function __construct(private Bounds $bounds, private array $drench, private ScoopPlanner $spoons) {}

    /**
     * @param Limits         $limits those that were asked when it was planned
     * @param ToleranceClass $bed    an empty bed, where a rest may go
     *
     * @throws UnknownLimit when a limit is missing
     */
    public static function of(LoadAtHand $at, Limits $limits, ToleranceClass $bed): self
    {
        $ceilings = new Ceilings($limits);

        return new self(self::boundsOf($at, $limits), $ceilings->of(Target::of(RecipeUse::Drench, $bed)), $at->kit->planner());
    }

    /** @throws UnknownLimit when a limit is missing */
    public static function boundsOf(LoadAtHand $at, Limits $limits): Bounds
    {
        return new Bounds(
            (new Ceilings($limits))->of($at->target),
            $at->capacity,
            (new PlaceRule())->misplaced(Question::onto(new SprayNow($at->target->use, Strengths::of($at->load->mixture)), $at->target, $at->circumstances)) !== null,
        );
    }

    /** @return list<Remedy> the ones that hold: least waste first, then least work; discarding last and always */
    public function remedies(Load $load, Slips $slips): array
    {
        $at = InTheSprayer::of($load, $slips, $this->bounds, $this->spoons);
        $missing = Added::missing($at);
        $tries = [
            AsItStands::used($at),
            $missing,
            $missing?->asPlanned === true ? null : Room::made($at),
            Added::smaller($at),
            Added::bigger($at),
            Held::added($at),
            Held::shown($at),
            Thinned::byWater($at),
            Thinned::byPouringOff($at),
            AsItStands::withinLimits($at),
            AsItStands::asDrench($at, $this->drench),
            new Remedy(RemedyKind::Discard, wasted: 1.0),
        ];
        $remedies = array_values(array_filter($tries, static fn(?Remedy $one): bool => $one !== null && array_intersect(array_keys($one->add), $slips->spent) === []));
        usort($remedies, static fn(Remedy $a, Remedy $b): int => $a->rank() <=> $b->rank());

        return self::withoutTwins($remedies);
    }

    /**
     * Water that is missing and water that is added are one advice; water alone is none where what was forgotten may go in with it.
     *
     * @param list<Remedy> $remedies
     *
     * @return list<Remedy>
     */
    private static function withoutTwins(array $remedies): array
    {
        $withWater = array_filter($remedies, static fn(Remedy $one): bool => $one->kind === RemedyKind::AddMissing && ($one->add === [] ? $one->asPlanned : $one->water > 0.0));

        return $withWater === [] ? $remedies : array_values(array_filter($remedies, static fn(Remedy $one): bool => $one->kind !== RemedyKind::AddWater));
    }
}
