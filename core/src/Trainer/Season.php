<?php

declare(strict_types=1);

namespace IdleMixer\Core\Trainer;

use IdleMixer\Core\Data\PopulationLines;
use IdleMixer\Core\Data\ScheduleLines;
use IdleMixer\Core\Data\TrainerLines;
use IdleMixer\Core\Population\Evening;
use IdleMixer\Core\Population\Programme;
use IdleMixer\Core\Population\Search;
use IdleMixer\Core\Population\Wanted;

/** A season as somebody kept it: looks, rounds, and what came of them. */
final readonly class Season
{
    /** @var list<Evening> */
    private array $evenings;

    /**
     * @param list<int> $rounds days, earliest first
     * @param list<int> $looks  days, earliest first
     */
    public function __construct(private MadeUp $garden, private array $rounds, private array $looks)
    {
        $this->evenings = $garden->season($rounds);
    }

    /**
     * What was counted on days that are over.
     *
     * @return array<int, int> by day
     */
    public function counts(int $until): array
    {
        $counts = [];
        foreach (array_unique([0, ...$this->looks]) as $day) {
            if ($day <= $until) {
                $counts[$day] = $this->garden->counted($this->evenings[$day], $day);
            }
        }

        return $counts;
    }

    /** @return list<float> how many there really were of what is counted, on each evening after what was sprayed */
    public function truth(): array
    {
        return array_map(static fn(Evening $evening): float => $evening->seen(), $this->evenings);
    }

    /** Of all stages, in the end. */
    public function left(): float
    {
        return $this->evenings[TrainerLines::DAYS['value']]->all();
    }

    public function isOver(): bool
    {
        return $this->left() < PopulationLines::OVER['value'];
    }

    /**
     * The fewest rounds that leave none at the end of the season, were all known of the garden that nobody can know; what leaves least where
     * none do.
     */
    public function best(): Programme
    {
        [$until, $end] = [TrainerLines::SPRAYED_UNTIL['value'], TrainerLines::DAYS['value']];
        $wanted = new Wanted($this->garden->kill, 0, 0, $end, TrainerLines::GAP['value'], TrainerLines::MOST_ROUNDS['value'], range($until + 1, $end));

        return (new Search($known = $this->garden->sprayed([]), $this->garden->truth, $wanted))->from($known->go($this->garden->truth, 0)[0]->numbers);
    }

    /**
     * What let it come back: only what, done otherwise, leaves less than half in the same garden.
     *
     * @return list<Shown>
     */
    public function mistakes(): array
    {
        if ($this->isOver() || $this->rounds === []) {
            return [];
        }
        $shown = [];
        foreach (Mistake::cases() as $mistake) {
            $instead = $this->otherwise($mistake);
            $left = $instead === null ? \INF : (new self($this->garden, $instead, $this->looks))->left();
            if ($instead !== null && $left < TrainerLines::BETTER['value'] * $this->left()) {
                $shown[] = new Shown($mistake, $instead, $left);
            }
        }

        return $shown;
    }

    /** @return list<int>|null days of rounds without that mistake; null where it was not made */
    private function otherwise(Mistake $mistake): ?array
    {
        $last = $this->rounds[count($this->rounds) - 1];

        return match ($mistake) {
            Mistake::OneAndDone => count($this->rounds) === 1 ? self::goneOn($this->rounds, ScheduleLines::WEEK['value']) : null,
            Mistake::StoppedAtQuiet => count($this->rounds) > 1 && $last < TrainerLines::SPRAYED_UNTIL['value'] - $this->gap() && $this->isQuietAfter($last) ? self::goneOn($this->rounds, $this->gap()) : null,
            Mistake::TooWide => count($this->rounds) > 1 && $this->widest() > $this->garden->generation() ? self::goneOn([$this->rounds[0]], ScheduleLines::WEEK['value']) : null,
        };
    }

    private function isQuietAfter(int $last): bool
    {
        $counts = $this->counts(TrainerLines::DAYS['value']);
        $most = max([0, ...array_values($counts)]);
        foreach ($counts as $day => $count) {
            if ($day > $last && $count <= TrainerLines::QUIET['value'] * $most) {
                return true;
            }
        }

        return false;
    }

    /** Days between the last two rounds; a week where there was one. */
    private function gap(): int
    {
        $rounds = count($this->rounds);

        return $rounds < 2 ? ScheduleLines::WEEK['value'] : max(1, min(ScheduleLines::WEEK['value'], $this->rounds[$rounds - 1] - $this->rounds[$rounds - 2]));
    }

    private function widest(): int
    {
        $widest = 0;
        foreach (array_slice($this->rounds, 1) as $i => $day) {
            $widest = max($widest, $day - $this->rounds[$i]);
        }

        return $widest;
    }

    /**
     * @param non-empty-list<int> $rounds
     *
     * @return list<int> with more of them, so many days apart
     */
    private static function goneOn(array $rounds, int $gap): array
    {
        for ($day = $rounds[count($rounds) - 1] + $gap; $day <= TrainerLines::SPRAYED_UNTIL['value']; $day += $gap) {
            $rounds[] = $day;
        }

        return $rounds;
    }
}
