<?php

declare(strict_types=1);

namespace IdleMixer\Core\Safety;

use IdleMixer\Core\Leaf\Surface;
use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Source\Sourced;

/** Holds the strengths of a spray against the limits of what it goes onto. */
final readonly class Judge
{
    /** Percent by which a strength may touch its limit and still count as within it: rounding of the arithmetic. */
    private const ROUNDING = 1e-9;

    public function __construct(private Limits $limits) {}

    /**
     * @return list<Verdict> one a question asked, `ok` ones too
     *
     * @throws UnknownLimit when the catalogue of limits lacks a row
     */
    public function verdicts(Strengths $strengths, Target $target): array
    {
        if ($target->use === RecipeUse::Stock) {
            return [new Verdict('stock-only', Level::Caution, 'stock-only', [], 'practice')];
        }
        $surface = $target->surface();
        if ($surface === Surface::Soil) {
            return [$this->drench($target)];
        }

        return array_values(array_filter([
            $target->use === RecipeUse::Drench ? $this->drench($target) : null,
            $this->dormantOnLeaf($target),
            $this->oil($strengths->oil + $strengths->essential, $target),
            $surface === Surface::Leaf ? $this->soap($strengths->soap) : null,
            $surface === Surface::Leaf ? $this->soda($strengths->soda) : null,
            $surface === Surface::Leaf ? $this->alcohol($strengths->alcohol, $target) : null,
        ]));
    }

    private function drench(Target $target): Verdict
    {
        if ($target->plant !== null && $target->plant->surface !== Surface::Soil) {
            return new Verdict('drench-on-leaves', Level::Stop, 'drench-on-leaves', ['plant' => lcfirst($target->plant->name)], 'practice');
        }

        return $target->use === RecipeUse::Drench
            ? new Verdict('drench-on-leaves', Level::Ok, 'drench-on-soil', [], 'practice')
            : new Verdict('leaf-spray-on-soil', Level::Caution, 'leaf-spray-on-soil', [], 'practice');
    }

    private function dormantOnLeaf(Target $target): ?Verdict
    {
        return $target->use === RecipeUse::Dormant && $target->plant?->surface === Surface::Leaf
            ? new Verdict('winter-oil-on-leaves', Level::Stop, 'winter-oil-on-leaves', ['plant' => lcfirst($target->plant->name)], 'practice')
            : null;
    }

    private function oil(float $percent, Target $target): ?Verdict
    {
        if ($percent <= 0.0) {
            return null;
        }
        $wood = $target->surface() === Surface::Wood;
        $limit = $target->plant->oilLimit ?? $this->limits->get($wood ? 'oil-dormant' : 'oil-leaf');
        $level = $this->level($percent, $limit->value, $limit->value * $this->limits->get('oil-stop-factor')->value);
        $onto = $target->plant->name ?? ($wood ? 'bare dormant wood' : 'leaves in season');

        return $this->verdict('oil-strength', $level, 'oil', $percent, $limit, ['onto' => lcfirst($onto)]);
    }

    private function soap(float $percent): ?Verdict
    {
        $limit = $this->limits->get('soap-leaf');

        return $percent <= 0.0 ? null : $this->verdict('soap-strength', $this->level($percent, $limit->value, $this->limits->get('soap-leaf-stop')->value), 'soap', $percent, $limit, []);
    }

    private function soda(float $percent): ?Verdict
    {
        $limit = $this->limits->get('soda-leaf');

        return $percent <= 0.0 ? null : $this->verdict('soda-strength', $this->level($percent, $limit->value, $this->limits->get('soda-leaf-stop')->value), 'soda', $percent, $limit, []);
    }

    /** From the limit on, not only above it: 40 % already harms. On a swab it wets one insect, not the leaf. */
    private function alcohol(float $percent, Target $target): ?Verdict
    {
        if ($percent <= 0.0) {
            return null;
        }
        $limit = $this->limits->get('alcohol-leaf');
        $level = match (true) {
            $percent < $limit->value * (1 - self::ROUNDING) => Level::Ok,
            $target->use === RecipeUse::Spot && $target->plant === null => Level::Caution,
            default => Level::Stop,
        };

        return $this->verdict('alcohol-strength', $level, 'alcohol', $percent, $limit, []);
    }

    private function level(float $percent, float $limit, float $stop): Level
    {
        return match (true) {
            $percent <= $limit * (1 + self::ROUNDING) => Level::Ok,
            $percent <= $stop * (1 + self::ROUNDING) => Level::Caution,
            default => Level::Stop,
        };
    }

    /** @param array<string, int|float|string> $args */
    private function verdict(string $code, Level $level, string $what, float $percent, Sourced $limit, array $args): Verdict
    {
        return new Verdict($code, $level, "{$what}-{$level->value}", ['percent' => $percent, 'limit' => $limit->value, ...$args], $limit->source);
    }
}
