<?php

declare(strict_types=1);

namespace IdleMixer\Core\Measure;

use IdleMixer\Core\Data\MeasureLines;

/**
 * A way to a dose that is too small for any spoon: so much of it in so much water, and so much of that.
 *
 * Of one measure D thinned with W of water, U of it brings U × D / (D + W); a powder dissolves and takes no room, then it is
 * U × D / W.
 */
final readonly class PreDilution
{
    /** More fills of one measure than this are no help. */
    private const MOST_FILLS = MeasureLines::MOST_FILLS['value'];

    /** g of baking soda, the one powder there is, that a mL of ice-cold water dissolves. */
    private const DISSOLVES = MeasureLines::DISSOLVES['value'];

    /**
     * @param Scoop|null $dose      null where so much is stirred in that some stays undissolved
     * @param Scoop|null $water     null then, too: a little of it
     * @param float|null $saturated share of the clear that is the thing itself, then
     */
    private function __construct(public ?Scoop $dose, public ?Scoop $water, public Scoop $use, private bool $dissolves, private ?float $saturated = null) {}

    /** mL of the thing itself that it brings. */
    public function millilitres(): float
    {
        return $this->use->millilitres() * $this->share();
    }

    /** Of a mL of it, how much is the thing itself. */
    public function share(): float
    {
        $dose = $this->dose?->millilitres() ?? 0.0;

        return $this->saturated ?? $dose / (($this->dissolves ? 0.0 : $dose) + ($this->water?->millilitres() ?? 0.0));
    }

    public function fills(): int
    {
        return ($this->dose->count ?? 0) + ($this->water->count ?? 0) + $this->use->count;
    }

    /**
     * The way with the fewest fills that comes within 5 %; null when there is none.
     *
     * @param list<Measure> $measures
     * @param float         $wanted   mL, above 0
     * @param float|null    $heavy    g/mL of a powder, which is not counted in drops and wants water enough to dissolve; null for a liquid
     */
    public static function of(array $measures, float $wanted, ?float $heavy = null): ?self
    {
        $powder = $heavy !== null;
        $best = null;
        $fewest = 3 * self::MOST_FILLS + 1;
        foreach ($powder ? Measure::forPowder($measures) : $measures as $dose) {
            foreach ($measures as $water) {
                $least = $powder ? max(1, (int) ceil($dose->millilitres * $heavy / self::DISSOLVES / $water->millilitres - 1e-9)) : 1;
                for ($fills = $least; $fills <= self::MOST_FILLS && 2 + $fills < $fewest; ++$fills) {
                    $use = self::use($measures, $wanted * (($powder ? 0.0 : 1.0) + $fills * $water->millilitres / $dose->millilitres), ($powder ? 0.0 : $dose->millilitres) + $fills * $water->millilitres, $fewest - 1 - $fills);
                    if ($use !== null) {
                        $best = new self(new Scoop($dose, 1), new Scoop($water, $fills), $use, $powder);
                        $fewest = 1 + $fills + $use->count;
                    }
                }
            }
        }

        return $best;
    }

    /**
     * A powder without a spoon: of water in which more of it was stirred than dissolves, the clear holds so much and no more, however
     * much was stirred in. Baking soda, the one powder there is, at 20 °C: between 15 and 25 °C it is a twelfth less or more.
     *
     * @param list<Measure> $measures
     * @param float         $wanted   mL of the powder in a spoon, above 0
     * @param float         $heavy    g/mL of that
     *
     * @return self|null null where that takes more fills of one measure than hands keep count of
     */
    public static function saturated(array $measures, float $wanted, float $heavy): ?self
    {
        $share = MeasureLines::SATURATED['value'] / $heavy;
        $use = self::use($measures, $wanted / $share, \INF, MeasureLines::MOST_MOVES['value'] + 1, MeasureLines::MOST_MOVES['value']);

        return $use === null ? null : new self(null, null, $use, true, $share);
    }

    /** @param list<Measure> $measures */
    private static function use(array $measures, float $needed, float $there, int $below, int $most = self::MOST_FILLS): ?Scoop
    {
        $best = null;
        foreach ($measures as $measure) {
            $count = max(1, (int) round($needed / $measure->millilitres));
            $poured = $count * $measure->millilitres;
            $fits = abs($poured - $needed) <= $needed * MeasureLines::TOLERANCE['value'] && $poured <= $there;
            if ($fits && $count < min($below, $most + 1)) {
                $best = new Scoop($measure, $count);
                $below = $count;
            }
        }

        return $best;
    }
}
