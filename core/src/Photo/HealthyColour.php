<?php

declare(strict_types=1);

namespace IdleMixer\Core\Photo;

use IdleMixer\Core\Data\PhotoLines;

/** The greenest sizeable colour of a leaf, or its purple where it is a purple one. */
final readonly class HealthyColour
{
    private const BIN = 6.0;

    private function __construct(public float $hue, public float $chroma, public float $lightness, public bool $purple) {}

    /**
     * @param list<int> $points of what may be leaf
     *
     * @return self|null null where nothing is alive
     */
    public static function among(Colours $colours, array $points): ?self
    {
        $bins = array_fill(0, 60, 0);
        $coloured = 0;
        foreach ($points as $i) {
            if ($colours->chroma[$i] >= PhotoLines::GREY['value']) {
                ++$bins[(int) ($colours->hue[$i] / self::BIN) % 60];
                ++$coloured;
            }
        }
        $green = self::sum($bins, PhotoLines::GREEN_FROM['value'], PhotoLines::GREEN_TO['value']);
        $purple = self::sum($bins, PhotoLines::PURPLE_FROM['value'], PhotoLines::PURPLE_TO['value'] + 360.0);
        if (max($green, $purple) < PhotoLines::LEAST_HEALTHY['value'] * max(1, count($points))) {
            return null;
        }
        $isPurple = $purple > $green;
        [$from, $to] = $isPurple ? [PhotoLines::PURPLE_FROM['value'], PhotoLines::PURPLE_TO['value'] + 360.0] : [PhotoLines::GREEN_FROM['value'], PhotoLines::GREEN_TO['value']];

        return self::mean($colours, $points, self::peak($bins, $from, $to, ! $isPurple), $isPurple);
    }

    /** How far a hue lies from this one, in degrees. */
    public function away(float $hue): float
    {
        $d = abs($hue - $this->hue);

        return $d > 180.0 ? 360.0 - $d : $d;
    }

    /**
     * The greenest of the peaks that are sizeable by the largest: cream and yellowing may fill more of a leaf than its green.
     *
     * @param array<int, int> $bins
     */
    private static function peak(array $bins, float $from, float $to, bool $greenest): float
    {
        $masses = [(int) $from => 0];
        for ($h = $from; $h <= $to; $h += self::BIN) {
            // The middle counts twice: else what lies between two colours would pull the peak of one towards the other.
            $masses[(int) $h] = self::sum($bins, $h - self::BIN, $h + self::BIN) + $bins[(int) ($h / self::BIN) % 60];
        }
        $most = max($masses);
        $best = (float) array_search($most, $masses, true);
        foreach ($greenest ? $masses : [] as $h => $mass) {
            $isPeak = $mass >= ($masses[$h - (int) self::BIN] ?? 0) && $mass > ($masses[$h + (int) self::BIN] ?? 0);
            if ($isPeak && $mass > PhotoLines::SIZEABLE['value'] * $most && $h > $best) {
                $best = (float) $h;
            }
        }

        return $best;
    }

    /** @param list<int> $points */
    private static function mean(Colours $colours, array $points, float $around, bool $purple): self
    {
        $sum = 0.0;
        $chroma = 0.0;
        $lightness = 0.0;
        $n = 0;
        foreach ($points as $i) {
            $off = fmod($colours->hue[$i] - $around + 540.0, 360.0) - 180.0;
            if (abs($off) < 2.5 * self::BIN && $colours->chroma[$i] >= PhotoLines::GREY['value']) {
                $sum += $off;
                $chroma += $colours->chroma[$i];
                $lightness += $colours->lightness[$i];
                ++$n;
            }
        }

        return new self(fmod($around + $sum / max(1, $n) + 360.0, 360.0), $chroma / max(1, $n), $lightness / max(1, $n), $purple);
    }

    /** @param array<int, int> $bins */
    private static function sum(array $bins, float $from, float $to): int
    {
        $sum = 0;
        for ($k = (int) floor($from / self::BIN); $k < (int) ceil($to / self::BIN); ++$k) {
            $sum += $bins[($k + 60) % 60];
        }

        return $sum;
    }
}
