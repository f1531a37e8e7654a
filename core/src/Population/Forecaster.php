<?php

declare(strict_types=1);

namespace IdleMixer\Core\Population;

use IdleMixer\Core\Data\EvidenceLines;
use IdleMixer\Core\Data\PopulationLines;
use IdleMixer\Core\Evidence\Clumping;

/**
 * Sees ahead how an outbreak goes on: what was counted steers what handbooks say, and how far both may be off makes the band. On the scale of
 * logarithms what is expected is nearly normal; a later count scatters around it by chance and clumps.
 */
final readonly class Forecaster
{
    public function __construct(private Fitting $fitting) {}

    /** Where nobody counted leaf by leaf: clumps as most pests sit, on as many leaves as a total is taken to be of. */
    public static function usual(): self
    {
        return new self(new Fitting(Clumping::usual(), EvidenceLines::LEAVES_OF_A_TOTAL['value']));
    }

    /**
     * Whether the last count is another than the ones before it let expect: of five that go as they are seen ahead, one lies outside, too.
     *
     * @param list<CountOn> $counts earliest first, the first of them on day 0
     */
    public function surprise(Outbreak $outbreak, array $counts): Surprise
    {
        $last = array_pop($counts);
        if ($last === null || count($counts) < PopulationLines::EXPECTED_FROM['value']) {
            return Surprise::None;
        }
        // In the evening it is counted first, and sprayed then.
        $before = $outbreak->with(array_values(array_filter($outbreak->treatments, static fn(Treatment $round): bool => $round->day < $last->day)));
        $expected = $this->of($before, $counts, $last->day + 1)->days[$last->day];

        return match (true) {
            $expected->holds($last->value) => Surprise::None,
            $last->value > $expected->middle => Surprise::More,
            default => Surprise::Fewer,
        };
    }

    /**
     * @param Outbreak                $outbreak with the rounds that were sprayed, and those that are planned
     * @param non-empty-list<CountOn> $counts   earliest first, the first of them on day 0
     * @param int                     $days     that are told, from the day of the first count on; 1 and more
     */
    public function of(Outbreak $outbreak, array $counts, int $days): Forecast
    {
        return $this->steered($outbreak, $counts, $days)->forecast();
    }

    /**
     * The same to go on from: with any rounds that may come.
     *
     * @param non-empty-list<CountOn> $counts earliest first, the first of them on day 0
     * @param int                     $days   1 and more
     */
    public function steered(Outbreak $outbreak, array $counts, int $days): Steered
    {
        return Steered::by($this->fitting, $this->fitting->of($outbreak, $counts), $outbreak, $days - 1);
    }
}
