<?php

declare(strict_types=1);

namespace IdleMixer\Core\Run;

use IdleMixer\Core\Method\Method;
use IdleMixer\Core\Method\Rinse;
use IdleMixer\Core\Recipe\RecipeUse;

/**
 * The way through the bed: protect, knock back, shake what stands mixed, plant by plant, soak, rinse, wash, the rest. A load that runs empty
 * before the plants are done is followed by the next one.
 */
final readonly class RunPlan
{
    public const EMPTY = 'empty-';

    /** Before the key of a step that nobody does this time. */
    public const LEFT_OUT = 'left-out-';

    private const HAND_WORK = 'knock-back';

    /**
     * @param array<int, string> $plants by their place in the walk, in the order in which they are sprayed
     */
    private function __construct(private RunLoads $loads, private array $plants, private RunSpray $spray, private bool $rinses) {}

    /**
     * @param non-empty-array<int, string> $plants by their place in the walk, in the order in which they are sprayed
     * @param bool                         $rinses whether it is rinsed off where some do and some do not
     */
    public static function of(RunLoads $loads, array $plants, RunSpray $spray, bool $rinses): self
    {
        return new self($loads, $plants, $spray, $rinses);
    }

    /** Whether schools differ on rinsing it off, and what its own does. */
    public static function rinsesByItsSchool(Method $method): bool
    {
        return $method->rinse === Rinse::AfterSoak;
    }

    /**
     * @param list<string> $tapped keys of what was done, in any order
     *
     * @return non-empty-list<RunStep>
     */
    public function steps(array $tapped): array
    {
        $steps = [new RunStep('protect', RunStepKind::Protect), new RunStep(self::HAND_WORK, RunStepKind::KnockBack), new RunStep('check', RunStepKind::Check, how: $this->spray->hasOil ? null : 'plain')];
        // The first load stands mixed: it is shaken, and filled no second time.
        if ($this->spray->inBucket) {
            $steps[] = new RunStep('from-bucket', RunStepKind::Fill, how: 'bucket');
        }
        array_push($steps, $this->shaken(1), ...$this->sprayed($tapped), ...$this->afterwards());

        return [...$steps, new RunStep('wash', RunStepKind::Wash, how: $this->spray->use->value), new RunStep('rest', RunStepKind::Rest)];
    }

    /**
     * The first that is not done.
     *
     * @param list<string> $tapped
     */
    public function current(array $tapped): ?RunStep
    {
        foreach ($this->steps($tapped) as $step) {
            if (! $this->isDone($step, $tapped)) {
                return $step;
            }
        }

        return null;
    }

    /**
     * The load that can be said to be empty now; null where none is left after it, or no plant waits.
     *
     * @param list<string> $tapped
     */
    public function canRunEmpty(array $tapped): ?int
    {
        $current = $this->current($tapped);
        $load = self::loadInHand($tapped);

        return $current !== null && $current->kind === RunStepKind::Plant && $load < $this->loads->count() ? $load : null;
    }

    /**
     * Key of the step that may be left out now: the hand work, or a plant that is not sprayed this time; null where none may.
     *
     * @param list<string> $tapped
     */
    public function canLeaveOut(array $tapped): ?string
    {
        $current = $this->current($tapped);

        return $current !== null && in_array($current->kind, [RunStepKind::KnockBack, RunStepKind::Plant], true) ? $current->key : null;
    }

    /** @return list<RunStep> */
    private function filled(int $load): array
    {
        $kind = $this->loads->isMixedOnTheWay($load) ? RunStepKind::Mix : RunStepKind::Fill;

        return [
            new RunStep("{$kind->value}-{$load}", $kind, ['load' => $load, 'loads' => $this->loads->count(), 'volume' => $this->loads->volumes[$load - 1]], null, $load),
            $this->shaken($load),
        ];
    }

    private function shaken(int $load): RunStep
    {
        return new RunStep("shake-{$load}", $this->spray->isStirred() ? RunStepKind::Stir : RunStepKind::Shake, [], null, $load, $this->spray->moved());
    }

    /** @param list<string> $tapped */
    private function isDone(RunStep $step, array $tapped): bool
    {
        return $step->kind === RunStepKind::Mix && $step->ref !== null
            ? $this->loads->isMixed($step->ref)
            : in_array($step->key, $tapped, true) || in_array(self::LEFT_OUT . $step->key, $tapped, true);
    }

    /**
     * Plants in their order; where a load ran empty, the next is filled before the plant that was waiting then.
     *
     * @param list<string> $tapped
     *
     * @return list<RunStep>
     */
    private function sprayed(array $tapped): array
    {
        $steps = [];
        $load = 1;
        $number = 0;
        foreach ($this->plants as $place => $name) {
            ++$number;
            while ($load < $this->loads->count() && in_array(self::EMPTY . "{$load}-{$place}", $tapped, true)) {
                array_push($steps, ...$this->filled(++$load));
            }
            $steps[] = new RunStep("plant-{$place}", RunStepKind::Plant, ['plant' => $name, 'number' => $number, 'of' => count($this->plants), 'move' => $this->spray->move()->value], null, $place, $this->spray->putOn()->value);
        }

        return $steps;
    }

    /** @return list<RunStep> */
    private function afterwards(): array
    {
        $method = $this->spray->method;
        $care = $method->after === [] ? [] : [new RunStep('aftercare', RunStepKind::Aftercare)];
        if ($this->spray->use === RecipeUse::Drench) {
            return $care;
        }
        $steps = [];
        if ($method->soakMinutes !== null && ($method->brush || $this->rinses)) {
            $steps[] = new RunStep('soak', RunStepKind::Soak, ['minutes' => $method->soakMinutes], $method->soakMinutes);
        }
        if ($method->brush) {
            $steps[] = new RunStep('brush', RunStepKind::Brush);
        }
        if ($method->secondSoakMinutes !== null) {
            $steps[] = new RunStep('second-soak', RunStepKind::SecondSoak, ['minutes' => $method->secondSoakMinutes], $method->secondSoakMinutes);
        }
        if ($this->rinses && $method->rinse === Rinse::AfterSoak) {
            $steps[] = new RunStep('rinse', RunStepKind::Rinse);
        }

        return [...$steps, ...$care];
    }

    /** @param list<string> $tapped */
    private static function loadInHand(array $tapped): int
    {
        return 1 + count(array_filter($tapped, static fn(string $key): bool => str_starts_with($key, self::EMPTY)));
    }
}
