<?php

declare(strict_types=1);

namespace IdleMixer\Core\Mix;

/** What a spray is made of, and how strong: what a leaf test proves, and what a round is remembered by. */
final readonly class Composition
{
    /** @param array<string, Component> $components by slug of the ingredient, sorted */
    private function __construct(public array $components) {}

    /** @param non-empty-list<Mixture> $ends everything that it may be; one where nothing is unsure */
    public static function of(array $ends): self
    {
        $each = array_map(self::percents(...), $ends);
        $components = [];
        foreach ($ends as $end) {
            foreach ($end->parts as $part) {
                $slug = $part->ingredient->slug;
                $found = array_map(static fn(array $percents): float => $percents[$slug] ?? 0.0, $each);
                if (max($found) > 0.0) {
                    $components[$slug] ??= new Component($slug, $part->ingredient->name, $part->ingredient->substance, min($found), max($found));
                }
            }
        }

        return self::remembered(array_values($components));
    }

    /** @param list<Component> $components as they were written down */
    public static function remembered(array $components): self
    {
        $all = [];
        foreach ($components as $component) {
            $all[$component->slug] = $component;
        }
        ksort($all);

        return new self($all);
    }

    public function hasOil(): bool
    {
        return array_filter($this->components, static fn(Component $component): bool => $component->substance->isOil()) !== [];
    }

    public function hasSameIngredients(self $other): bool
    {
        return array_keys($this->components) === array_keys($other->components);
    }

    /**
     * Whether it is surely no stronger in anything than the other surely is.
     *
     * @param float $slack share by which two may differ and count as the same
     */
    public function isAtMost(self $other, float $slack): bool
    {
        return $this->hasSameIngredients($other)
            && $this->all($other, static fn(Component $mine, Component $theirs): bool => $mine->high <= $theirs->low * (1.0 + $slack));
    }

    /**
     * Whether it may be as strong as the other in anything at all: only what is weaker throughout does not.
     *
     * @param float $slack share by which two may differ and count as the same
     */
    public function reaches(self $other, float $slack): bool
    {
        return $this->hasSameIngredients($other)
            && ! $this->all($other, static fn(Component $mine, Component $theirs): bool => $mine->high < $theirs->low * (1.0 - $slack));
    }

    /**
     * Whether both are the same ingredients in much the same strengths.
     *
     * @param float $share by which the stronger may be above the weaker
     */
    public function isAlike(self $other, float $share): bool
    {
        return $this->hasSameIngredients($other) && $this->all($other, static function (Component $mine, Component $theirs) use ($share): bool {
            [$less, $more] = [min($mine->middle(), $theirs->middle()), max($mine->middle(), $theirs->middle())];

            return $more <= $less * (1.0 + $share) * (1.0 + 1e-9);
        });
    }

    /** How many times as strong as the other, with the same ingredients, it is in that of which it has most more. */
    public function times(self $other): float
    {
        $most = 0.0;
        foreach ($this->components as $slug => $component) {
            $theirs = $other->components[$slug]->low ?? 0.0;
            $most = max($most, $theirs > 0.0 ? $component->high / $theirs : 0.0);
        }

        return $most;
    }

    /** @param float $factor share of its strength, above 0 */
    public function thinned(float $factor): self
    {
        return new self(array_map(static fn(Component $one): Component => new Component($one->slug, $one->name, $one->substance, $factor * $one->low, $factor * $one->high), $this->components));
    }

    /** Percent of everything together, to sort by. */
    public function total(): float
    {
        return array_sum(array_map(static fn(Component $component): float => $component->middle(), $this->components));
    }

    /** @param callable(Component, Component): bool $holds */
    private function all(self $other, callable $holds): bool
    {
        foreach ($this->components as $slug => $component) {
            if (! $holds($component, $other->components[$slug])) {
                return false;
            }
        }

        return true;
    }

    /** @return array<string, float> percent of the finished spray, by slug of the ingredient */
    private static function percents(Mixture $mixture): array
    {
        $finished = $mixture->finished();
        $percents = [];
        foreach ($mixture->parts as $part) {
            $percents[$part->ingredient->slug] = ($percents[$part->ingredient->slug] ?? 0.0) + ($finished > 0.0 ? 100.0 * $part->counted() / $finished : 0.0);
        }

        return $percents;
    }
}
